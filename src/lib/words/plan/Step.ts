// Made of plan.json by `npm run words -- --make`: change the words there.

export const needsACheck = (): string => "needs a check";
export const toCheck = (d: { readonly length: string | number }): string => ", " + d.length + " to check";
export const changedWithIt = (d: { readonly was: string | number; readonly now: string | number }): string => "changed with it: " + d.was + " → " + d.now;
export const size = (): string => "Size";
export const bag = (): string => "Bag";
export const cut = (): string => "Cut";
export const join = (): string => "Join";
export const technique = (): string => "Technique";
export const finish = (): string => "Finish";
