// Made of making.json by `npm run words -- --make`: change the words there.

export const itsPlanHasRowsIs = (d: { readonly total: string | number; readonly to: string | number }): string => "Its plan has " + d.total + " rows; " + d.to + " is too many.";
export const rowsMoreWithStrandFor = (d: { readonly more: string | number; readonly lasts: string | number }): string => '' + d.more + " rows more, with yarn for " + d.lasts;
