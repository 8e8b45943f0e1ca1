// Made of know-how.json by `npm run words -- --make`: change the words there.

export const knowHow = (): string => "Know-how";
export const theWordsOfTheCraft = (): string => "Words of the craft";
