// Made of table-day.json by `npm run words -- --make`: change the words there.

export const thereIsNoSuchStation = (): string => "There is no such station at a table day.";
