// Made of table-day.json by `npm run words -- --make`: change the words there.

export const howOften = (): string => "How often";
export const everyWeek = (): string => "Every week";
export const everySecondWeek = (): string => "Every second week";
export const everyThirdWeek = (): string => "Every third week";
export const everyFourthWeek = (): string => "Every fourth week";
export const someWeeks = (): string => "Some weeks of a month";
export const noRule = (): string => "No fixed days. We add each day ourselves";
export const weekdays = (): string => "Weekdays";
export const weeksOfTheMonth = (): string => "Weeks of the month";
export const firstDay = (): string => "From";
export const lastDay = (): string => "Until (optional)";
export const where = (): string => "Where";
export const starts = (): string => "Starts at";
export const ends = (): string => "Ends at";
export const breaksAt = (): string => "Breaks at";
export const breakMinutes = (): string => "Minutes per break";
export const plan = (): string => "Usually for";
export const noPlan = (): string => "No plan yet";
export const balls = (): string => "Balls wanted (optional)";
export const whoAlwaysComes = (): string => "Who comes every time";
export const theyAreTicked = (): string => "They are ticked on every day. You can change each day.";
export const save = (): string => "Save rhythm";
export const daysYouChanged = (): string => "Days you changed yourself keep their own times.";
