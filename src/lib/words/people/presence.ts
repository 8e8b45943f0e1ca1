// Made of people.json by `npm run words -- --make`: change the words there.

export const thatTableDayIsNot = (): string => "That table day is gone.";
export const nobodyOfThatNameIs = (): string => "Nobody with that name is at this table.";
