// Made of gather.json by `npm run words -- --make`: change the words there.

export const whichBagsWereMeantCould = (): string => "Which bags were meant could not be read.";
