// Made of making.json by `npm run words -- --make`: change the words there.

export const isOnNoLoom = (d: { readonly mat: string | number }): string => '' + d.mat + " is not on a loom.";
export const hasRowsInItsS = (d: { readonly mat: string | number; readonly total: string | number; readonly part: string | number }): string => '' + d.mat + " has " + d.total + " rows in its " + d.part + "s, so give as many.";
export const hasRowsIsFarBeyond = (d: { readonly mat: string | number; readonly total: string | number; readonly total2: string | number }): string => '' + d.mat + " has " + d.total + " rows; " + d.total2 + " is too many.";
export const rowsAreMadeAlreadyThey = (d: { readonly near: string | number }): string => '' + d.near + " rows are already made and cannot change.";
