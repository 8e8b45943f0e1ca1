// Made of gather.json by `npm run words -- --make`: change the words there.

export const thisKindHasAHistory = (): string => "This kind has been used in the store, or is already gone. It stays as it is.";
