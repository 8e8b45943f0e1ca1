// Made of house.json by `npm run words -- --make`: change the words there.

export const aMinute = (): string => "a minute";
export const minutes = (d: { readonly minutes: string | number }): string => '' + d.minutes + " minutes";
export const tooManyTriesTryAgain = (d: { readonly part: string | number }): string => "Too many tries. Try again in " + d.part + ".";
