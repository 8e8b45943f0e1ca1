// Made of table-day.json by `npm run words -- --make`: change the words there.

export const soFar = (): string => "so far";
export const nobodyHasThisSeatNow = (): string => "Nobody has this seat now.";
export const until = (d: { readonly nameOf: string | number; readonly clock: string | number }): string => '' + d.nameOf + " until " + d.clock;
export const hereNow = (d: { readonly seated: string | number }): string => "Here now: " + d.seated + ".";
export const done = (d: { readonly tap: string | number }): string => '' + d.tap + " done";
export const takeTheLastOneBack = (): string => "Undo the last one";
export const fewer = (): string => "Fewer";
export const saveSmallerNumber = (): string => "Save smaller number";
export const piecesSpoiledInTheNext = (): string => "Pieces spoiled in the next stack";
export const allOfTodaysScrapWeighed = (): string => "All scrap of today, weighed";
export const weighed = (): string => "Weighed";
export const labels = (): string => "Labels:";
export const somethingIsWrongWithThe = (): string => "Something is wrong with the yarn";
export const scrapOfTheDay = (d: { readonly grams: string | number }): string => "scrap of the day, " + d.grams;
export const filmCanSuffocateKeepIt = (): string => "Plastic can suffocate. Keep it away from small children.";
export const massExample = (): string => "640 g";
