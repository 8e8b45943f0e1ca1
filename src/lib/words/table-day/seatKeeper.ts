// Made of table-day.json by `npm run words -- --make`: change the words there.

export const notKeptYetTheSeats = (d: { readonly why: string | number }): string => "Not saved yet: " + d.why + " The seats are still here. Save again in a moment.";
