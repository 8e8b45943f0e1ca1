// Made of common.json by `npm run words -- --make`: change the words there.

export const empty = (): string => "Clear";
export const lastDigitAway = (): string => "Delete the last digit";
