// Made of gather.json by `npm run words -- --make`: change the words there.

export const thisIsNotAList = (): string => "This is not a text list. Save it as CSV (UTF-8) and import it again.";
export const someLettersCannotBeRead = (): string => "Some letters cannot be read. Save the list as CSV (UTF-8) and import it again.";
export const rowAQuotationMarkIs = (d: { readonly row: string | number }): string => "Row " + d.row + ": a quotation mark is never closed.";
export const theListHasNoRows = (): string => "The list has no rows. It needs headings and at least one row.";
export const thereAreRowsCanBe = (d: { readonly length: string | number; readonly mostRows: string | number }): string => "The list has " + d.length + " rows; at most " + d.mostRows + " can be imported at once. Split the list.";
export const thereAreColumnsAtMost = (d: { readonly length: string | number; readonly mostColumns: string | number }): string => "The list has " + d.length + " columns; at most " + d.mostColumns + " can be read.";
export const rowHasMoreFieldsThan = (d: { readonly numbers: string | number }): string => "Row " + d.numbers + " has more fields than headings. A comma within a field needs quotation marks around it.";
