// Made of common.json by `npm run words -- --make`: change the words there.

export const itWasNotTaken = (): string => "It was not saved.";
