// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const aPlaceAsks = (): string => "A receiving place asks";
export const save = (): string => "Save";
export const receivingPlace = (): string => "Receiving place";
export const mats = (): string => "Mats";
export const by = (): string => "By";
export const length = (): string => "Length";
export const width = (): string => "Width";
export const leaveBothEmptyWhereAny = (): string => "Leave both empty if any size is fine.";
export const note = (): string => "Note";
export const dayExample = (): string => "24 Dec";
