// Made of prepare.json by `npm run words -- --make`: change the words there.

export const doneLast = (): string => "Done last";
export const nothingYetTapAPile = (): string => "Nothing yet. Tap a pile of bags to flatten a batch.";
export const by = (d: { readonly byName: string | number }): string => ", by " + d.byName;
export const undone = (): string => " · undone";
export const takenBackAtTheTable = (): string => "undone at the table";
export const undo = (): string => "Undo";
export const before = (d: { readonly count: string | number }): string => '' + d.count + " before";
