// Made of common.json by `npm run words -- --make`: change the words there.

export const wovenRows = (): string => "woven rows";
export const aFinishedMat = (): string => "a finished mat";
