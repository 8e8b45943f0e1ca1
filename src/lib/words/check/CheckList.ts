// Made of check.json by `npm run words -- --make`: change the words there.

export const aboutMinutes = (d: { readonly minutes: string | number; readonly whoOf: string | number }): string => "about " + d.minutes + " minutes, " + d.whoOf;
export const since = (d: { readonly shortDay: string | number }): string => "since " + d.shortDay;
export const someoneWhoKnowsTheTechnique = (): string => "someone who knows the technique";
export const anyoneCanDoIt = (): string => "anyone can do it";
