// Made of house.json by `npm run words -- --make`: change the words there.

export const theDatabaseIsAway = (): string => "the database is away";
