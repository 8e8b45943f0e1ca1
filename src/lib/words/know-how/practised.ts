// Made of know-how.json by `npm run words -- --make`: change the words there.

export const thatWasNotOneOf = (): string => "That was not one of the answers.";
export const thatNameIsNotIn = (): string => "That name is not in the list any more.";
