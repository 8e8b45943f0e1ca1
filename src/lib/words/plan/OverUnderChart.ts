// Made of plan.json by `npm run words -- --make`: change the words there.

export const overAndUnderFromThe = (): string => "Over and under, from the near left corner. Each pass does the opposite of the last";
export const whereTheEndsMeetThe = (): string => ". Where the ends meet, the rows are";
export const oppositesGood = (): string => "opposites: good";
export const alikeAddOrDropOne = (): string => "alike: add or drop one";
export const row = (d: { readonly row: string | number }): string => "row " + d.row;
export const nearRow = (d: { readonly lastNear: string | number }): string => "near, row " + d.lastNear;
export const farRow = (d: { readonly rows: string | number }): string => "far, row " + d.rows;
