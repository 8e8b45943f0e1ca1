// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const nothingWasHandedOverThen = (): string => "Nothing was delivered in that time.";
export const whatItCameTo = (): string => "Results so far";
