// Made of plan.json by `npm run words -- --make`: change the words there.

export const aPlanToReadAs = (d: { readonly yearDay: string | number; readonly basis: string | number }): string => "A plan to read, saved on " + d.yearDay + ". Figures of today, " + d.basis + ".";
export const whatItTakes = (): string => "What it needs";
export const howItIsMade = (): string => "How it is made";
