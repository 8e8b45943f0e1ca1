// Made of gather.json by `npm run words -- --make`: change the words there.

export const theListCouldNotBe = (): string => "The list could not be saved. None of it was.";
