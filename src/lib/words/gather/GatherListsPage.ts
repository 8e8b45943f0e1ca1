// Made of gather.json by `npm run words -- --make`: change the words there.

export const importAList = (): string => "Import a list";
export const fromASpreadsheetSavedAs = (d: { readonly what: string | number }): string => "From a spreadsheet, saved as CSV, with at most " + d.what + " rows. You see it first and say what each column is. All rows are saved, or none.";
export const theListHolds = (): string => "The list holds";
export const theFile = (): string => "The file";
export const orPasteItHere = (): string => "Or paste it here";
export const checkTheList = (): string => "Check the list";
export const importedLists = (): string => "Imported lists";
export const rows = (d: { readonly rowCount: string | number; readonly keptAt: string | number }): string => '' + d.rowCount + " rows, " + d.keptAt;
export const undone = (): string => "undone";
export const exportAList = (): string => "Export a list";
export const everythingInOneArchive = (): string => "Everything in one file";
export const plansAsFilesTheseLists = (): string => "Plans as files, these lists and everything ever saved, as CSV and JSON.";
export const columns = (d: { readonly listFields: string | number }): string => "Columns: " + d.listFields + ".";
export const asCsv = (d: { readonly listTitles: string | number }): string => '' + d.listTitles + " as CSV";
