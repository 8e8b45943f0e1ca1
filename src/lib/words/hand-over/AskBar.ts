// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const handedOverReadyForeseenOf = (d: { readonly handed: string | number; readonly ready: string | number; readonly range: string | number; readonly mats: string | number }): string => '' + d.handed + " delivered, " + d.ready + " ready, " + d.range + " expected, of " + d.mats;
