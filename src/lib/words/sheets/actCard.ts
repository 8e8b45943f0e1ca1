// Made of sheets.json by `npm run words -- --make`: change the words there.

export const makersDiffer = (): string => "Makers differ";
export const stepsCaution = (d: { readonly steps: string | number; readonly caution: string | number }): string => "Step " + d.steps + ": " + d.caution;
