import { dayAfter, daysBetween } from './days';

const months = 'jan feb mar apr may jun jul aug sep oct nov dec'.split(' ');
const weekdays = 'sun mon tue wed thu fri sat'.split(' ');

/** A day by its numbers; null where there is none such. */
function dayFrom(year: number, month: number, day: number): string | null {
	const at = new Date(Date.UTC(year, month, day));
	return at.getUTCMonth() === month && at.getUTCDate() === day && year >= 2000 && year < 2100
		? at.toISOString().slice(0, 10)
		: null;
}

/**
 * A day as it was typed, as `2026-12-20`; null where it is none. `20 Dec`, `Thu 3 December 2026`, `2026-12-20`, `today`,
 * `tomorrow`, `yesterday`, or the next such weekday. Without a year it is the nearest one. Where nobody knows what day it
 * is, only what names its year is a day.
 */
export function dayOf(typed: string, today: string | null): string | null {
	const text = typed
		.trim()
		.toLowerCase()
		.replace(/[.,\s]+/g, ' ')
		.trim();
	const iso = /^(20\d\d)-(\d\d)-(\d\d)$/.exec(text);
	if (iso) return dayFrom(Number(iso[1]), Number(iso[2]) - 1, Number(iso[3]));
	const said = /^(?:[a-z]{3,9} )?(\d{1,2}) ([a-z]{3,9})(?: (20\d\d))?$/.exec(text);
	const month = months.indexOf(said?.[2]?.slice(0, 3) ?? '');
	if (said?.[3]) return month < 0 ? null : dayFrom(Number(said[3]), month, Number(said[1]));
	if (today === null) return null;
	const shift = { yesterday: -1, today: 0, tomorrow: 1 }[text];
	if (shift !== undefined) return dayAfter(today, shift);
	const weekday = weekdays.findIndex((name) => new RegExp(`^${name}[a-z]*$`).test(text));
	if (weekday >= 0) {
		const ahead = (weekday - new Date(today).getUTCDay() + 7) % 7 || 7;
		return dayAfter(today, ahead);
	}
	if (!said || month < 0) return null;
	const year = Number(today.slice(0, 4));
	const near = [year - 1, year, year + 1].flatMap(
		(one) => dayFrom(one, month, Number(said[1])) ?? []
	);
	const far = (day: string) => Math.abs(daysBetween(today, day));
	return near.toSorted((one, other) => far(one) - far(other))[0] ?? null;
}
