// Made of check.json by `npm run words -- --make`: change the words there.

export const noMatOfThisGroup = (): string => "No mat of this group has that label.";
export const wasNotFoundOneTo = (d: { readonly mat: string | number }): string => '' + d.mat + " was not marked to take apart.";
export const byTheBookNothingLies = (d: { readonly mat: string | number }): string => "By the records nothing is in " + d.mat + ": its yarn is back in store, or no ball was given for it by label. Count what there is at the table.";
export const byTheRecordsItHolds = (d: { readonly round: string | number }): string => "By the records it holds " + d.round + " g of plastic. Was the basket weighed too?";
