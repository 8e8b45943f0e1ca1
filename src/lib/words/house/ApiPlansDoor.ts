// Made of house.json by `npm run words -- --make`: change the words there.

export const theBodyIsLargerThan = (): string => "The request is larger than any plan file.";
export const anotherPlanWasKeptUnder = (): string => "Another plan was saved under this key.";
