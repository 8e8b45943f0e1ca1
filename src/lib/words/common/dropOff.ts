// Made of common.json by `npm run words -- --make`: change the words there.

export const theFullBoxMustWeigh = (): string => "The full box must weigh more than the empty one.";
export const thatMakesMoreBagsThan = (): string => "That is more bags than any hall holds.";
export const thatMakesBagsMoreThan = (d: { readonly bags: string | number }): string => "That is " + d.bags + " bags, more than any hall holds. Count again.";
export const tookInBags = (): string => "took in bags";
export const aSource = (): string => "a source";
export const bagsFrom = (d: { readonly place: string | number }): string => "bags from " + d.place;
export const hungToDry = (): string => "hung to dry";
export const theirHandfulsCountedOnceFor = (): string => "their handfuls counted for the weight of this kind";
