// Made of season.json by `npm run words -- --make`: change the words there.

export const setTheRhythmFirst = (): string => "Set the rhythm first.";
