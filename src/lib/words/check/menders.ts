// Made of check.json by `npm run words -- --make`: change the words there.

export const andNobodyWhoComesKnows = (): string => "and nobody who comes knows the technique yet";
export const anyoneCanDoIt = (): string => "anyone can do it";
export const atTheSeatOf = (d: { readonly names: string | number }): string => "at the seat of " + d.names;
export const maySeatThemAtFinishing = (d: { readonly names: string | number }): string => '' + d.names + " can do it: give them a finishing seat";
export const aboutMinutes = (d: { readonly minutes: string | number; readonly part: string | number }): string => "about " + d.minutes + " minutes, " + d.part;
