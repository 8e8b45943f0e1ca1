// Made of table-day.json by `npm run words -- --make`: change the words there.

export const soFar = (d: { readonly tap: string | number }): string => '' + d.tap + " so far.";
export const numberDone = (): string => "Number done";
export const done = (): string => "Done";
