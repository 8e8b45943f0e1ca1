// Made of check.json by `npm run words -- --make`: change the words there.

export const someMinutes = (d: { readonly minutes: string | number; readonly whoOf: string | number }): string => "about " + d.minutes + " minutes, " + d.whoOf;
export const since = (d: { readonly shortDay: string | number }): string => "since " + d.shortDay;
export const byHandsThatKnowThe = (): string => "someone who knows the technique";
export const byAnyone = (): string => "anyone can do it";
