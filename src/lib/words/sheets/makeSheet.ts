// Made of sheets.json by `npm run words -- --make`: change the words there.

export const notKeptYet = (): string => "not saved yet";
export const version = (d: { readonly version: string | number }): string => "version " + d.version;
export const figures = (d: { readonly part: string | number; readonly basis: string | number }): string => '' + d.part + "Figures are " + d.basis + ".";
