// Made of plan.json by `npm run words -- --make`: change the words there.

export const sideBySide = (): string => "Side by side";
export const allFigures = (d: { readonly basis: string | number }): string => "All figures are " + d.basis + ".";
export const nothingIsPinnedYet = (): string => "Nothing to compare yet.";
export const pin = (): string => "Compare with";
export const thePlanOnTheBench = (): string => "this plan, then change a choice. Both are shown here with what changed.";
export const figure = (): string => "Figure";
export const onTheBench = (): string => "Now";
export const notNamedYet = (): string => "no name yet";
export const measuredAgainst = (): string => "Compared with";
export const pinned = (d: { readonly index: string | number }): string => "Plan " + d.index;
export const bench = (d: { readonly difference: string | number }): string => "now " + d.difference;
export const theSame = (): string => "the same";
export const whatToDoWithIt = (): string => "Actions";
export const takeItUp = (): string => "Use this";
export const measureAgainst = (): string => "Compare with";
export const unpin = (): string => "Remove";
