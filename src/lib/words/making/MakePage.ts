// Made of making.json by `npm run words -- --make`: change the words there.

export const noMatsBeingMade = (): string => "No mats being made";
export const oneMatBeingMade = (): string => "One mat being made";
export const matsBeingMade = (d: { readonly length: string | number }): string => '' + d.length + " mats being made";
export const startOneFromAPlan = (): string => "Start one from a plan. It gets a label and a maker, and its rows are counted.";
export const planAMat = (): string => "Plan a mat";
export const firstAMatStartsFrom = (): string => "Mats being made are listed here. A mat starts from a plan.";
export const startAMat = (): string => "Start a mat";
