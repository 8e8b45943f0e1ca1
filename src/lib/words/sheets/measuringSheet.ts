// Made of sheets.json by `npm run words -- --make`: change the words there.

export const title = (): string => "Measuring sheet";
export const board = (d: { readonly number: string | number }): string => "Measuring sheet " + d.number;
export const atFullSize = (): string => "Print at 100 %, not “fit to page”";
export const measureTheLine = (): string => "Measure the line above once with a ruler. It must be 100 mm; if not, type what it is.";
export const layItFlat = (): string => "Lay the sheet flat beside the thing, on the same table. Leave the middle free, or put a small thing there.";
