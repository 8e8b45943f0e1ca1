// Made of measures.json by `npm run words -- --make`: change the words there.

export const whatItChanged = (): string => "What our measures changed";
export const bagsToAskFor = (): string => "Bags to ask for";
export const hours = (): string => "Hours";
export const now = (): string => "now";
export const same = (): string => "no change";
export const percent = (d: { readonly percent: string | number }): string => '' + d.percent + " %";
export const firstAsSaved = (): string => "First as saved with the plan, then by our measures now.";
