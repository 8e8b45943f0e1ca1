// Made of table-day.json by `npm run words -- --make`: change the words there.

export const theDayInWords = (): string => "The day in words";
export const whatLiesAtEachPlace = (): string => "What is at each place, every half hour";
export const at = (): string => "at";
export const to = (d: { readonly nameOf: string | number; readonly station: string | number; readonly clock: string | number; readonly clock2: string | number }): string => '' + d.nameOf + ": " + d.station + ", " + d.clock + " to " + d.clock2;
