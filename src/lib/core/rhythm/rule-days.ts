import * as rrule from 'rrule';
import type { DaySpan } from './span';
import { isInSpans } from './span';

/** The package is of two makes: bundled it has its names, in Node they lie in one. */
const { datetime, rrulestr } =
	(rrule as typeof rrule & { readonly default?: typeof rrule }).default ?? rrule;

/** A rule a table meets by, from a day on, and until one where it ends. */
export interface Rhythm {
	readonly rule: string;
	/** As `2026-12-03`; the first week of what meets every so many weeks is that of this day. */
	readonly startsOn: string;
	readonly endsOn: string | null;
	/** When the hall is shut. */
	readonly shut: readonly DaySpan[];
}

/** A day as the package has whole days: midnight of UTC, which no clock is set by. */
const utcOf = (day: string) => {
	const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
	return datetime(year, month, date);
};
const dayOf = (at: Date) => at.toISOString().slice(0, 10);

/**
 * The days of a rule from one day to another, both among them, without those on which the hall is shut. Days are
 * whole days of the hall: no zone and no change of the clock moves them.
 *
 * @param rhythm its rule as RFC 5545 has it
 * @source RFC 5545, 3.3.10
 * @example daysOfRule({ rule: 'FREQ=WEEKLY;BYDAY=TH', startsOn: '2026-12-01', endsOn: null, shut: [] }, '2026-12-01', '2026-12-12') // ['2026-12-03', '2026-12-10']
 */
export function daysOfRule(rhythm: Rhythm, from: string, to: string): string[] {
	const { rule, startsOn, endsOn, shut } = rhythm;
	const [first, last] = [from > startsOn ? from : startsOn, endsOn && endsOn < to ? endsOn : to];
	if (first > last) return [];
	return rrulestr(rule, { dtstart: utcOf(startsOn) })
		.between(utcOf(first), utcOf(last), true)
		.map(dayOf)
		.filter((day) => !isInSpans(day, shut));
}
