import { dayWords as say } from '$lib/words/common';
import { writtenDay, writtenMoment, writtenShortDay } from '../words/writing';

// A day is a day wherever it is read; only a moment has a zone, the hall's.
const shortDay = new Intl.DateTimeFormat('en-GB', {
	day: 'numeric',
	month: 'short',
	timeZone: 'UTC'
});
const yearDay = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeZone: 'UTC' });

/** Days that were written lately: a page of many days writes each once, and a formatter takes longest. */
const mostWritten = 2000;
function writtenOnce(format: Intl.DateTimeFormat): (day: string) => string {
	const known = new Map<string, string>();
	return (day) => {
		const before = known.get(day);
		if (before !== undefined) return before;
		if (known.size >= mostWritten) known.clear();
		const words = format.format(new Date(day));
		known.set(day, words);
		return words;
	};
}
const shortDayOnce = writtenOnce(shortDay);
const yearDayOnce = writtenOnce(yearDay);

/** A day of this season: `24 Nov`; of a moment, the hall's day. */
export const shortDayWords = (day: string | Date): string =>
	typeof day === 'string' ? shortDayOnce(day) : writtenShortDay(day).replace(/ \d{4}$/, '');

/** A day of any year: `24 Nov 2026`; of a moment, the hall's day. */
export const yearDayWords = (day: string | Date): string =>
	typeof day === 'string' ? yearDayOnce(day) : writtenShortDay(day);

const month = new Intl.DateTimeFormat('en-GB', { month: 'short', timeZone: 'UTC' });
/** A month by its number in the year, 1 to 12: `Nov`. */
export const monthWords = (of: number): string => month.format(Date.UTC(2026, of - 1));

const wholeMonth = new Intl.DateTimeFormat('en-GB', {
	month: 'long',
	year: 'numeric',
	timeZone: 'UTC'
});
/** A month with its year, of `2026-12`: `December 2026`. */
export const wholeMonthWords = (month: string): string => wholeMonth.format(new Date(month));

const weekday = new Intl.DateTimeFormat('en-GB', { dateStyle: 'full', timeZone: 'UTC' });
/** A day for whoever comes to it: `Thursday 3 December 2026`. */
export const weekdayWords = (day: string): string => weekday.format(new Date(day)).replace(',', '');

/** A day as the title of its page: `Thursday 3 December`. */
export const titleDayWords = (day: string): string => weekdayWords(day).replace(/ \d{4}$/, '');

const dayOfWeek = writtenOnce(
	new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: 'UTC' })
);
/** The month of a day, counted from the first there is. */
const monthOf = (day: string): number => 12 * Number(day.slice(0, 4)) + Number(day.slice(5, 7));

/** A day as it is said today: `Thu 3 Dec`; with its year where it is not of this or the next month: `Thu 4 Feb 2027`. */
export function nearDayWords(day: string, today: string): string {
	const isNear = [0, 1].includes(monthOf(day) - monthOf(today));
	return `${dayOfWeek(day)} ${isNear ? shortDayWords(day) : yearDayWords(day)}`;
}

/** The hall's day in full: `24 November 2026`. */
export const longDayWords = writtenDay;

/** A day and the time on it, in the hall: `24 Nov 2026, 18:05`. */
export const momentWords = writtenMoment;

const relative = new Intl.RelativeTimeFormat('en', { numeric: 'always' });

/** How long ago something was, in the largest unit that fits: `2 hours ago`. */
export function agoWords(ms: number): string {
	const minutes = Math.floor(ms / 60_000);
	if (minutes < 1) return say.justNow();
	if (minutes < 60) return relative.format(-minutes, 'minute');
	const hours = Math.floor(minutes / 60);
	return hours < 48
		? relative.format(-hours, 'hour')
		: relative.format(-Math.floor(hours / 24), 'day');
}
