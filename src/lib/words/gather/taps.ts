// Made of gather.json by `npm run words -- --make`: change the words there.

export const putThisNumberRightFirst = (): string => "Correct this number first.";
