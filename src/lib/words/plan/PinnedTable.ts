// Made of plan.json by `npm run words -- --make`: change the words there.

export const sideBySide = (): string => "Side by side";
export const allFigures = (d: { readonly basis: string | number }): string => "All figures are " + d.basis + ".";
export const nothingToCompareYet = (): string => "Nothing to compare yet.";
export const compareWith = (): string => "Compare with";
export const thisPlanThenChangeA = (): string => "this plan, then change a choice. Both are shown here with what changed.";
export const figure = (): string => "Figure";
export const now = (): string => "Now";
export const noNameYet = (): string => "no name yet";
export const comparedWith = (): string => "Compared with";
export const plan = (d: { readonly index: string | number }): string => "Plan " + d.index;
export const now2 = (d: { readonly difference: string | number }): string => "now " + d.difference;
export const theSame = (): string => "the same";
export const actions = (): string => "Actions";
export const useThis = (): string => "Use this";
export const remove = (): string => "Remove";
