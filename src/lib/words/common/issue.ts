// Made of common.json by `npm run words -- --make`: change the words there.

export const gaveStrandOutForA = (): string => "gave out yarn for a mat";
export const typeTheFiveCharacterCode = (): string => "Type the five-character code of the ball’s label.";
export const givenFor = (d: { readonly ball: string | number; readonly mat: string | number }): string => '' + d.ball + " given for " + d.mat;
