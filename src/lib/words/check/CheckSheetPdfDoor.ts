// Made of check.json by `npm run words -- --make`: change the words there.

export const noMatsToCheck = (): string => "No mats to check.";
export const matsToCheck = (): string => "Mats to check";
