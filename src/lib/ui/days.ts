const formats = new Map<string, Intl.DateTimeFormat>();

/** Whether a text names a time zone, as `Europe/Lisbon` does. */
export function isTimeZone(text: string): boolean {
	try {
		return new Intl.DateTimeFormat('en', { timeZone: text }).resolvedOptions().timeZone !== '';
	} catch {
		return false;
	}
}

/** The day it is in a zone at a moment, as `2026-11-25`: a day is the hall's day, wherever the server stands. */
export function todayIn(timeZone: string, at: Date): string {
	let format = formats.get(timeZone);
	if (!format) {
		// Made once a zone: a formatter costs a server more than the page it stands on.
		format = new Intl.DateTimeFormat('en-CA', { timeZone, dateStyle: 'short' });
		formats.set(timeZone, format);
	}
	return format.format(at);
}

const clocks = new Map<string, Intl.DateTimeFormat>();

/** The minute of the day in a zone at a moment: 1085 at five past six in the evening. */
export function minuteIn(timeZone: string, at: Date): number {
	let clock = clocks.get(timeZone);
	if (!clock) {
		clock = new Intl.DateTimeFormat('en-GB', {
			timeZone,
			hour: '2-digit',
			minute: '2-digit',
			hourCycle: 'h23'
		});
		clocks.set(timeZone, clock);
	}
	const [hours, minutes] = clock.format(at).split(':');
	return Number(hours) * 60 + Number(minutes);
}

/** The day so many days after another: `dayAfter('2026-11-26', 7)` is `2026-12-03`. */
export const dayAfter = (day: string, days: number): string =>
	new Date(Date.parse(`${day}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);

/** Days from one day to another; below nothing where it lies before. */
export const daysBetween = (from: string, to: string): number =>
	Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / 86_400_000);
