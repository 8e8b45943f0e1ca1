// Made of table-day.json by `npm run words -- --make`: change the words there.

export const everyWeekday = (d: { readonly days: string | number }): string => "every " + d.days;
export const everySecond = (d: { readonly days: string | number }): string => "every second " + d.days;
export const everyThird = (d: { readonly days: string | number }): string => "every third " + d.days;
export const everyFourth = (d: { readonly days: string | number }): string => "every fourth " + d.days;
export const everyWeeks = (d: { readonly count: string | number; readonly days: string | number }): string => "every " + d.count + " weeks on " + d.days;
export const ofTheMonth = (d: { readonly nths: string | number; readonly days: string | number }): string => '' + d.nths + " " + d.days + " of the month";
export const first = (): string => "first";
export const second = (): string => "second";
export const third = (): string => "third";
export const fourth = (): string => "fourth";
export const last = (): string => "last";
export const noFixedDays = (): string => "no fixed days";
export const withTimes = (d: { readonly meeting: string | number; readonly from: string | number; readonly to: string | number }): string => '' + d.meeting + " " + d.from + "–" + d.to;
export const until = (d: { readonly words: string | number; readonly day: string | number }): string => '' + d.words + " until " + d.day;
export const from = (d: { readonly words: string | number; readonly day: string | number }): string => '' + d.words + " from " + d.day;
