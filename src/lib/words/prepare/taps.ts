// Made of prepare.json by `npm run words -- --make`: change the words there.

export const thatTableDayIsNot = (): string => "That table day is gone.";
export const thisDayHasNoPlan = (): string => "This day has no plan with bags that can be cut.";
export const bagsGivePiecesNoMore = (d: { readonly count: string | number; readonly count2: string | number }): string => '' + d.count + " bags give " + d.count2 + " pieces. No more can be spoiled.";
