// Made of plan.json by `npm run words -- --make`: change the words there.

export const howIsReached = (d: { readonly label: string | number }): string => "How “" + d.label + "” is worked out";
export const from = (d: { readonly given: string | number }): string => "From " + d.given + ".";
export const step = (): string => "Step";
export const how = (): string => "How";
export const result = (): string => "Result";
export const theIntervalHoldsTheFigure = (d: { readonly basis: string | number }): string => "In 8 of 10 cases the figure is within the range. It comes from differences in bag weight, piece length, gauge and pace. Your own swatches and timed work make it narrower. Figures are " + d.basis + ".";
