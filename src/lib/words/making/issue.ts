// Made of making.json by `npm run words -- --make`: change the words there.

export const noBallOfThisGroup = (): string => "No ball of this group has that label.";
export const isOnNoBallBut = (d: { readonly ball: string | number; readonly sort: string | number }): string => '' + d.ball + " is not on a ball, but on a " + d.sort + ".";
export const isNotInStoreAny = (d: { readonly ball: string | number }): string => '' + d.ball + " is not in store any more.";
export const theStoreHasNoSuch = (): string => "The store has no such ball. Count the balls again.";
