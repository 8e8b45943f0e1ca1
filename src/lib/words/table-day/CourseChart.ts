// Made of table-day.json by `npm run words -- --make`: change the words there.

export const bagsInPieces = (): string => "bags in pieces";
export const bagsOfFilm = (): string => "bags of plastic";
export const bags = (): string => "bags";
export const flat = (): string => "flat";
export const yarn = (): string => "yarn";
export const balls = (): string => "balls";
