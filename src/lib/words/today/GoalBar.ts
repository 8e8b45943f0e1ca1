// Made of today.json by `npm run words -- --make`: change the words there.

export const thereOfWanted = (d: { readonly there: string | number; readonly wanted: string | number }): string => '' + d.there + " of " + d.wanted + " are there: delivered or ready.";
