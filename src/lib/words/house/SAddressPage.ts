// Made of house.json by `npm run words -- --make`: change the words there.

export const nestRow = (d: { readonly stationWords: string | number; readonly yearDay: string | number }): string => '' + d.stationWords + " · " + d.yearDay + " · Nest Row";
