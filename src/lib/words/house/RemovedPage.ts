// Made of house.json by `npm run words -- --make`: change the words there.

export const whatIsRemovedCanBe = (d: { readonly removedDays: string | number }): string => "You can restore what was removed for " + d.removedDays + " days. Then it is gone.";
export const nothingWasRemovedInThe = (d: { readonly removedDays: string | number }): string => "Nothing was removed in the last " + d.removedDays + " days.";
export const removed2 = (d: { readonly sortWords: string | number; readonly yearDay: string | number }): string => '' + d.sortWords + ", removed " + d.yearDay;
export const restore = (): string => "Restore";
export const kindOfBag = (): string => "kind of bag";
export const receivingPlace = (): string => "receiving place";
