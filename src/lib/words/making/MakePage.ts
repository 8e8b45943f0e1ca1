// Made of making.json by `npm run words -- --make`: change the words there.

export const noMatIsInHand = (): string => "No mats being made";
export const oneMatInHand = (): string => "One mat being made";
export const matsInHand = (d: { readonly length: string | number }): string => '' + d.length + " mats being made";
export const whatNeedsYouFirst = (): string => "what needs you first";
export const beginOneByAPlan = (): string => "Start one from a plan. It gets a label and a maker, and its rows are counted.";
export const planAMat = (): string => "Plan a mat";
export const firstAMatIsBegun = (): string => "first: a mat starts from a plan.";
