// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const aPlaceAsks = (): string => "A receiving place asks";
export const keepIt = (): string => "Save";
export const whichPlace = (): string => "Receiving place";
export const howManyMats = (): string => "Mats";
export const byWhichDay = (): string => "By";
export const howLong = (): string => "Length";
export const howWide = (): string => "Width";
export const leaveBothEmptyWhereAny = (): string => "Leave both empty if any size is fine.";
export const aWordOnIt = (): string => "Note";
