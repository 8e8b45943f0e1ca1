// Made of common.json by `npm run words -- --make`: change the words there.

export const sayBothOrLeaveBoth = (): string => "Fill in both, or leave both empty.";
export const notedWhatAPlaceAsks = (): string => "noted what a place asks for";
export const matsAskedFor = (d: { readonly mats: string | number }): string => '' + d.mats + " mats asked for";
export const promisedMatsToAPlace = (): string => "promised mats to a place";
export const matsPromised = (d: { readonly mats: string | number }): string => '' + d.mats + " mats promised";
