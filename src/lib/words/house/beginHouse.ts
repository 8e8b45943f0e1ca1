// Made of house.json by `npm run words -- --make`: change the words there.

export const thatIsNotTheWord = (): string => "That is not the word, or it was already used. Start Nest Row again for a new one.";
export const theWordWasJustUsed = (): string => "The word was just used.";
export const noAccountCouldBeMade = (): string => "The account could not be created. Start Nest Row again for a new word.";
