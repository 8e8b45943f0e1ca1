// Made of plan.json by `npm run words -- --make`: change the words there.

export const closenessRangeTo = (d: { readonly toFixed: string | number; readonly words: string | number; readonly toFixed2: string | number; readonly toFixed3: string | number }): string => "Closeness " + d.toFixed + ", " + d.words + "; range " + d.toFixed2 + " to " + d.toFixed3;
export const gaps = (): string => "gaps";
export const fair = (): string => "fair";
export const close = (): string => "close";
