// Made of common.json by `npm run words -- --make`: change the words there.

export const timesWhatWasExpectedDid = (d: { readonly what: string | number; readonly ratio: string | number }): string => '' + d.what + ": " + d.ratio + " times what was expected. Check the digits and the unit.";
export const onlyOfWhatWasExpected = (d: { readonly what: string | number; readonly ratio: string | number }): string => '' + d.what + ": only " + d.ratio + " % of what was expected. Check the digits and the unit.";
