// Made of know-how.json by `npm run words -- --make`: change the words there.

export const makersDiffer = (): string => "Makers differ";
export const drawnForTheHandSee = (d: { readonly hand: string | number; readonly other: string | number }): string => "Drawn for the " + d.hand + " hand. Show it for the " + d.other;
export const onOnePagePdf = (): string => "On one page (PDF)";
export const inLargePrint = (): string => "For the wall, in large print";
export const practise = (d: { readonly exerciseNames: string | number }): string => "Practise: " + d.exerciseNames;
export const actsBeforeAndAfter = (): string => "Steps before and after";
export const before = (d: { readonly actTitles: string | number }): string => "Before: " + d.actTitles;
export const next = (d: { readonly actTitles: string | number }): string => "Next: " + d.actTitles;
