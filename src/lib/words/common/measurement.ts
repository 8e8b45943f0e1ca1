// Made of common.json by `npm run words -- --make`: change the words there.

export const wovenRows = (): string => "woven rows";
export const aFinishedMat = (): string => "a finished mat";
export const aSwatch = (): string => "a swatch";
export const aChain = (): string => "a chain";
export const aHandful = (): string => "a handful";
export const aMeasure = (): string => "a measure";
export const byPhoto = (d: { readonly what: string | number }): string => '' + d.what + ", by photo";
