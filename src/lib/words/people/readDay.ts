// Made of people.json by `npm run words -- --make`: change the words there.

export const writeATimeLike18 = (): string => "Write a time like 18:00.";
export const aTableDayEndsTwenty = (): string => "A table day lasts at least twenty minutes.";
export const writeTimesLike1845 = (): string => "Write times like 18:45, 19:35.";
export const sixBreaksAtMost = (): string => "At most six breaks.";
export const aBreakLiesBetweenThe = (): string => "A break must be between start and end.";
export const chooseAPlanFromThe = (): string => "Choose a plan from the list.";
