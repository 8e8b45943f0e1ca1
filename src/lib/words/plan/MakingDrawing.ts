// Made of plan.json by `npm run words -- --make`: change the words there.

export const theTurnAtTheEnd = (): string => "The turn at the end of a band, braided: crossing";
export const of = (d: { readonly shown: string | number; readonly home: string | number }): string => '' + d.shown + " of " + d.home;
