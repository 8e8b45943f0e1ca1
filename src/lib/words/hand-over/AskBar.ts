// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const handedOverReadyForeseenOf = (d: { readonly mats: string | number; readonly handed: string | number; readonly ready: string | number; readonly range: string | number }): string => "Of " + d.mats + ": " + d.handed + " delivered, " + d.ready + " ready, " + d.range + " expected";
