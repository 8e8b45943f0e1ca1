// Made of season.json by `npm run words -- --make`: change the words there.

export const noPlaceAsksForMats = (): string => "No receiving place asks for mats by a date.";
export const theSeason = (): string => "Season";
