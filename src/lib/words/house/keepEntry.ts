// Made of house.json by `npm run words -- --make`: change the words there.

export const thisCouldNotBeRead = (): string => "This could not be read. Type it again.";
export const thisWasKeptAlreadyAnd = (): string => "This was already saved and counts once. Is it a second one? Send it again.";
export const saved = (): string => "Saved.";
