// Made of house.json by `npm run words -- --make`: change the words there.

export const nestRow = (): string => "Nest Row";
