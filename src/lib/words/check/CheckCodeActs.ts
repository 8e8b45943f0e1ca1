// Made of check.json by `npm run words -- --make`: change the words there.

export const noFinishedMatHasThat = (): string => "No finished mat has that label.";
