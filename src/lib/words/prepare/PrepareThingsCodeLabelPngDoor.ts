// Made of prepare.json by `npm run words -- --make`: change the words there.

export const thereIsNothingWithThat = (): string => "Nothing has that code.";
