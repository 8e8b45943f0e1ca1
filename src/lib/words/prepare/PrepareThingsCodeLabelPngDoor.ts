// Made of prepare.json by `npm run words -- --make`: change the words there.

export const nothingHasThatCode = (): string => "Nothing has that code.";
