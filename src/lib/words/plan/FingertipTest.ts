// Made of plan.json by `npm run words -- --make`: change the words there.

export const fingertipTest = (): string => "Fingertip test";
export const whatIs = (): string => "What is";
export const closeness = (): string => "closeness";
export const theSmallFiguresHold = (): string => "? The small figures are the";
export const range = (): string => "range";
export const figures = (d: { readonly basis: string | number }): string => "Figures are " + d.basis + ".";
export const seeTheMeasures = (): string => "See the measures";
export const aMatIsABarrier = (): string => "A mat protects from cold, wet ground. It is not a medical, rescue or fire-rated product.";
export const measureASwatch = (): string => "Measure a swatch";
