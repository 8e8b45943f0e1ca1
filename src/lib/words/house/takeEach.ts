// Made of house.json by `npm run words -- --make`: change the words there.

export const thisCouldNotBeRead = (): string => "This could not be read: a field is too long, or something is missing.";
