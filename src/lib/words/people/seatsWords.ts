// Made of people.json by `npm run words -- --make`: change the words there.

export const noSeatsChosenYet = (): string => "no seats chosen yet";
