// Made of common.json by `npm run words -- --make`: change the words there.

export const cameOrWentAtA = (): string => "came or went at a table day";
export const someoneLeft = (): string => "someone left";
export const someoneCame = (): string => "someone came";
