// Made of house.json by `npm run words -- --make`: change the words there.

export const theBodyIsLargerThan = (): string => "The request is larger than any plan file.";
export const notJson = (): string => "not JSON";
