// Made of common.json by `npm run words -- --make`: change the words there.

export const typeTheFiveCharacterCode = (): string => "Type the five-character code of the mat.";
