// Made of table-day.json by `npm run words -- --make`: change the words there.

export const aTableDay = (): string => "New table day";
export const on = (): string => "Day";
export const where = (): string => "Where";
export const addTheDay = (): string => "Add day";
export const noDayToComeYet = (): string => "No table day is planned. Add the next one, then tick who can come.";
export const addAllToCalendar = (): string => "Add all to calendar";
export const pastDays = (): string => "Past days";
