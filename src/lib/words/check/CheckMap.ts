// Made of check.json by `npm run words -- --make`: change the words there.

export const placeAlongAcross = (d: { readonly place: string | number; readonly floor: string | number; readonly wordsOf: string | number }): string => "Spot " + d.place + " along, " + d.floor + " across: " + d.wordsOf;
export const aFingertipGoesThrough = (): string => "a fingertip goes through";
export const nothingFound = (): string => "nothing found";
