// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const nothingWasDeliveredInThat = (): string => "Nothing was delivered in that time.";
export const resultsSoFar = (): string => "Results so far";
