// Made of table-day.json by `npm run words -- --make`: change the words there.

export const thereIsNoSuchSheet = (): string => "There is no such sheet of a table day.";
export const thisDayHasNoPlan = (): string => "This day has no plan whose bags can be cut.";
export const tableDay = (d: { readonly day: string | number; readonly sheet: string | number }): string => "Table day " + d.day + " " + d.sheet;
