// Made of common.json by `npm run words -- --make`: change the words there.

export const nestRow = (): string => "Nest Row";
export const stages = (): string => "Stages";
export const changeTheUnitsOnThis = (): string => "Change units on this device";
export const centimetresChangeToFeetAnd = (): string => "Centimetres: change to feet and inches";
export const feetAndInchesChangeTo = (): string => "Feet and inches: change to centimetres";
export const cm = (): string => "cm";
export const ft = (): string => "ft";
export const changeWhoseStitchNamesAre = (): string => "Change stitch names on this device";
export const usStitchNamesChangeTo = (): string => "US stitch names: change to UK names";
export const ukStitchNamesChangeTo = (): string => "UK stitch names: change to US names";
export const us = (): string => "US";
export const uk = (): string => "UK";
export const season = (): string => "Season";
export const knowHow = (): string => "Know-how";
export const measures = (): string => "Measures";
export const settings = (): string => "Settings";
