// Made of house.json by `npm run words -- --make`: change the words there.

export const theFirstCoordinator = (): string => "The first coordinator";
export const nestRowPrintedAWord = (): string => "Nest Row printed a word when it was started. Type it here once to begin.";
export const theWord = (): string => "The word";
export const begin = (): string => "Begin";
export const iHaveAnAccountAlready = (): string => "I already have an account";
