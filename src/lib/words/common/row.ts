// Made of common.json by `npm run words -- --make`: change the words there.

export const countedARow = (): string => "counted a row";
export const aRowUndone = (): string => "a row undone";
export const setTheRowsOfA = (): string => "set the rows of a mat";
export const toRow = (d: { readonly to: string | number }): string => "to row " + d.to;
export const aRow = (): string => "a row";
