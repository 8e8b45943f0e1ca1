// Made of table-day.json by `npm run words -- --make`: change the words there.

export const thatDayIsNotAmong = (): string => "That day is gone, or someone changed it at the same time.";
