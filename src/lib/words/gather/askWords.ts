// Made of gather.json by `npm run words -- --make`: change the words there.

export const anyColour = (): string => "any colour";
export const ofAnyColour = (): string => "of any colour";
export const noneWasSortedYet = (): string => "none was sorted yet";
export const ofSortedWereNoGood = (d: { readonly rejected: string | number; readonly sorted: string | number }): string => '' + d.rejected + " of " + d.sorted + " sorted were unusable";
