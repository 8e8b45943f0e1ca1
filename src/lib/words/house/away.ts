// Made of house.json by `npm run words -- --make`: change the words there.

export const theKeptPlansCannotBe = (): string => "The saved plans cannot be read right now. Nothing is lost. Please try again in a moment.";
