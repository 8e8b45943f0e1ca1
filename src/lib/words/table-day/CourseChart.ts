// Made of table-day.json by `npm run words -- --make`: change the words there.

export const bagsInPieces = (): string => "bags in pieces";
export const bagsOfFilm = (): string => "bags of plastic";
