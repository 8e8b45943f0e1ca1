// Made of gather.json by `npm run words -- --make`: change the words there.

export const datesLikeCanBeRead = (d: { readonly firstYearLast: string | number }): string => "Dates like " + d.firstYearLast + " can be read two ways. Choose one below.";
export const thereAreOnlyOfThat = (d: { readonly there: string | number }): string => "There are only " + d.there + " of that in store at this row.";
