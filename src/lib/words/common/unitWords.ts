// Made of common.json by `npm run words -- --make`: change the words there.

export const ozA100Yd = (d: { readonly gPerM: string | number }): string => '' + d.gPerM + " oz a 100 yd";
export const squareYard = (): string => "square yard";
export const squareMetre = (): string => "square metre";
export const ozASquareYard = (d: { readonly gPerM2: string | number }): string => '' + d.gPerM2 + " oz a square yard";
export const sqFt = (d: { readonly m2: string | number }): string => '' + d.m2 + " sq ft";
