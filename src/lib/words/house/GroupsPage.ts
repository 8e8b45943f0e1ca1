// Made of house.json by `npm run words -- --make`: change the words there.

export const wasDeletedOnDaysAfter = (d: { readonly part: string | number; readonly undoDays: string | number }): string => "was deleted on " + d.part + ". It is gone " + d.undoDays + " days later.";
export const restore = (): string => "Restore";
export const aNewGroup = (): string => "New group";
export const itBeginsEmptyWithYou = (): string => "It starts empty, with you as its coordinator. Groups cannot see each other.";
export const name = (): string => "Name";
export const createGroup = (): string => "Create group";
const delete_ = (d: { readonly here: string | number }): string => "Delete " + d.here;
export { delete_ as delete };
export const allItHasIsClosed = (d: { readonly undoDays: string | number }): string => "Everything in it is closed for everyone at once, links too. It is gone in " + d.undoDays + " days. First download";
export const everythingAsFiles = (): string => "everything as files";
export const withYouFirst = (): string => ".";
export const typeItsNameToDelete = (): string => "Type its name to delete it";
export const deleteTheGroup = (): string => "Delete group";
export const backToYourAccount = (): string => "Back to your account";
