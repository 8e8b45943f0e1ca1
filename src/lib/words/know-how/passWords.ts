// Made of know-how.json by `npm run words -- --make`: change the words there.

export const over = (): string => "over";
export const under = (): string => "under";
