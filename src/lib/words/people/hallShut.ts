// Made of people.json by `npm run words -- --make`: change the words there.

export const theHallIsOpenThen = (): string => "The hall is not shut then any more.";
