// Made of sheets.json by `npm run words -- --make`: change the words there.

export const practisedHandsDiffer = (): string => "Makers differ";
