import { within } from '../domain-error';

/** Days of the week as a rule names them, Monday first. */
export const weekdays = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'] as const;
export type Weekday = (typeof weekdays)[number];

/** Which of a month's such days: the first to the fourth, or the last. */
export const nths = [1, 2, 3, 4, -1] as const;
export type Nth = (typeof nths)[number];

/** When a table meets: on days of each week or every so many weeks, or on some such days of each month. */
export type Meeting =
	| { readonly sort: 'weekly'; readonly every: number; readonly weekdays: readonly Weekday[] }
	| {
			readonly sort: 'monthly';
			readonly nths: readonly Nth[];
			readonly weekdays: readonly Weekday[];
	  };

/** Weeks from one meeting to the next, at most. */
export const mostWeeksApart = 8;

/**
 * A meeting as a rule that calendars read.
 *
 * @param meeting one weekday or more; every 1 to 8 weeks, whole; of months one of its weeks or more
 * @throws DomainError
 * @source RFC 5545, 3.3.10
 * @example ruleOf({ sort: 'monthly', nths: [1, 3], weekdays: ['SA'] }) // 'FREQ=MONTHLY;BYDAY=1SA,3SA'
 */
export function ruleOf(meeting: Meeting): string {
	const { weekdays: days } = meeting;
	within('weekdays', days.length, { atLeast: 1 });
	if (meeting.sort === 'monthly') {
		within('nths', meeting.nths.length, { atLeast: 1 });
		return `FREQ=MONTHLY;BYDAY=${meeting.nths.flatMap((nth) => days.map((day) => `${nth}${day}`)).join(',')}`;
	}
	const every = within('every', meeting.every, {
		atLeast: 1,
		atMost: mostWeeksApart,
		isWhole: true
	});
	return `FREQ=WEEKLY;${every > 1 ? `INTERVAL=${every};` : ''}BYDAY=${days.join(',')}`;
}

const isWeekday = (text: string): text is Weekday => weekdays.some((day) => day === text);

/**
 * The meeting of a rule; null where it is none that is written here.
 *
 * @example meetingOf('FREQ=WEEKLY;INTERVAL=2;BYDAY=TH') // { sort: 'weekly', every: 2, weekdays: ['TH'] }
 */
export function meetingOf(rule: string): Meeting | null {
	const weekly = /^FREQ=WEEKLY;(?:INTERVAL=([2-8]);)?BYDAY=([A-Z,]+)$/.exec(rule);
	if (weekly) {
		const days = (weekly[2] ?? '').split(',').filter(isWeekday);
		return days.length > 0
			? { sort: 'weekly', every: Number(weekly[1] ?? 1), weekdays: days }
			: null;
	}
	const monthly = /^FREQ=MONTHLY;BYDAY=([-0-9A-Z,]+)$/.exec(rule);
	if (!monthly) return null;
	const parts = (monthly[1] ?? '').split(',').flatMap((part) => {
		const [, nth, day = ''] = /^(-?\d)([A-Z]{2})$/.exec(part) ?? [];
		const known = nths.find((one) => String(one) === nth);
		return known && isWeekday(day) ? [{ nth: known, day }] : [];
	});
	const days = weekdays.filter((day) => parts.some((part) => part.day === day));
	const of = nths.filter((nth) => parts.some((part) => part.nth === nth));
	return days.length > 0 && of.length > 0 ? { sort: 'monthly', nths: of, weekdays: days } : null;
}
