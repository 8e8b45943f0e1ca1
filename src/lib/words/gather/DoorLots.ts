// Made of gather.json by `npm run words -- --make`: change the words there.

export const waitingToBeSorted = (): string => "Waiting to be sorted";
export const nothingToSortYetBags = (): string => "Nothing to sort yet. Bags you count under Drop-offs wait here.";
export const soFarOf100Bags = (d: { readonly percent: string | number; readonly name: string | number }): string => "So far, " + d.percent + " of 100 bags from " + d.name + " were unusable.";
export const aboutOf100WillBe = (d: { readonly percent: string | number; readonly percent2: string | number; readonly percent3: string | number }): string => "About " + d.percent + " of 100 will be unusable (" + d.percent2 + "–" + d.percent3 + ").";
