// Made of plan.json by `npm run words -- --make`: change the words there.

export const from = (d: { readonly low: string | number; readonly high: string | number }): string => '' + d.low + " to " + d.high;
