// Made of house.json by `npm run words -- --make`: change the words there.

export const nestRow = (): string => "Nest Row";
export const tableDay = (d: { readonly groupName: string | number }): string => '' + d.groupName + ": table day";
export const delivery = (): string => "Delivery";
export const tableDays = (): string => "Table days";
export const season = (): string => "Season";
