// Made of people.json by `npm run words -- --make`: change the words there.

export const tickAWeekday = (): string => "Tick at least one weekday.";
export const tickAWeek = (): string => "Tick at least one week of the month.";
export const theEndComesAfter = (): string => "The last day must be after the first.";
export const theEndOfAwayComesAfter = (): string => "The last day must be the first day or later.";
export const atMostAYear = (): string => "At most one year, please.";
export const chooseHow = (): string => "Choose how often you meet.";
