// Made of common.json by `npm run words -- --make`: change the words there.

export const thisIsNotJson = (): string => "This is not JSON.";
