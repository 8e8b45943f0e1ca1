// Made of people.json by `npm run words -- --make`: change the words there.

export const noSeatSaidYet = (): string => "no seats chosen yet";
