// Made of common.json by `npm run words -- --make`: change the words there.

export const noOneTwoThreeFour = (): string => "no one two three four five six seven eight nine ten eleven twelve";
