// Made of know-how.json by `npm run words -- --make`: change the words there.

export const notTriedYet = (): string => "not tried yet";
export const againNow = (): string => "again now";
export const againInMin = (d: { readonly max: string | number }): string => "again in " + d.max + " min";
export const againInHours = (d: { readonly round: string | number }): string => "again in " + d.round + " hours";
export const againInDays = (d: { readonly round: string | number }): string => "again in " + d.round + " days";
export const itSits = (d: { readonly back: string | number }): string => "it sits; " + d.back;
