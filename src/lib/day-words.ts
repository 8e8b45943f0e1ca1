// Made once: a formatter costs a server more than the page it stands on.
const shortDay = new Intl.DateTimeFormat('en-GB', {
	day: 'numeric',
	month: 'short',
	timeZone: 'UTC'
});
const yearDay = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeZone: 'UTC' });
const longDay = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
const moment = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** A day of this season: `24 Nov`. */
export const shortDayWords = (day: string | Date): string => shortDay.format(new Date(day));

/** A day of any year: `24 Nov 2026`. */
export const yearDayWords = (day: string | Date): string => yearDay.format(new Date(day));

/** A day in full: `24 November 2026`. */
export const longDayWords = (day: string | Date): string => longDay.format(new Date(day));

/** A day and the time on it, where the reader is: `24 Nov 2026, 18:05`. */
export const momentWords = (at: Date): string => moment.format(at);
