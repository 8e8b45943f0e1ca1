// Made of prepare.json by `npm run words -- --make`: change the words there.

export const ofFilmInTheStore = (): string => "of plastic in store";
export const whatAnActTakesFrom = (): string => "What an act takes from one pile it puts on another, to the milligram: nothing is made, nothing is lost.";
