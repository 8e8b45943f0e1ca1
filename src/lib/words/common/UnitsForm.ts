// Made of common.json by `npm run words -- --make`: change the words there.

export const units = (): string => "Units";
export const stitchNames = (): string => "Stitch names";
export const centimetresChangeToFeetAnd = (): string => "Centimetres: change to feet and inches";
export const feetAndInchesChangeTo = (): string => "Feet and inches: change to centimetres";
export const cm = (): string => "cm";
export const ft = (): string => "ft";
export const usStitchNamesChangeTo = (): string => "US stitch names: change to UK names";
export const ukStitchNamesChangeTo = (): string => "UK stitch names: change to US names";
export const us = (): string => "US";
export const uk = (): string => "UK";
