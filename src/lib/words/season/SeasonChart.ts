// Made of season.json by `npm run words -- --make`: change the words there.

export const theDashedLineIsWhat = (): string => "Dashed line: mats wanted. Band: the range.";
export const weekByWeek = (): string => "Week by week";
export const atLeast = (): string => "At least";
export const atMost = (): string => "At most";
export const lessThanAWeekIs = (): string => "Less than a week is left.";
export const by = (): string => "By";
export const likely = (): string => "Likely";
