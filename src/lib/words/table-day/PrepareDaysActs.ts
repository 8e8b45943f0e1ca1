// Made of table-day.json by `npm run words -- --make`: change the words there.

export const reloadThisPage = (): string => "Reload this page.";
export const thatDayIsNotAmong = (): string => "That day is not planned any more.";
