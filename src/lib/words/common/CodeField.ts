// Made of common.json by `npm run words -- --make`: change the words there.

export const notALabel = (): string => "That code is not a label of Nest Row.";
