// Made of table-day.json by `npm run words -- --make`: change the words there.

export const reloadThisPage = (): string => "Reload this page.";
export const thatDayIsNotAmong = (): string => "That day is not planned any more.";
export const chooseAVolunteer = (): string => "Choose a volunteer from the list.";
