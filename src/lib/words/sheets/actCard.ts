// Made of sheets.json by `npm run words -- --make`: change the words there.

export const makersDiffer = (): string => "Makers differ";
