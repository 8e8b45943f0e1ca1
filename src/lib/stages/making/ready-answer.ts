import type { ReadyWeeks } from '$lib/core/making/ready-on';
import { readyWeeks } from '$lib/core/making/ready-on';
import { dayAfter } from '$lib/ui/days';
import type { ReadyCase } from './ready-file';

/** The first day of the week by whose end a mat will be done; null beyond two years. */
export interface ReadyDays {
	readonly low: string | null;
	readonly middle: string | null;
	readonly high: string | null;
}

/** Weeks from today as the days they begin on. */
export function daysOf(today: string, { low, middle, high }: ReadyWeeks): ReadyDays {
	const day = (week: number | null) => (week === null ? null : dayAfter(today, 7 * week));
	return { low: day(low), middle: day(middle), high: day(high) };
}

/** When each mat will be ready, in the words of the JSON door. */
export const readyAnswer = (cases: readonly ReadyCase[]): ReadyDays[] =>
	cases.map(({ today, done, weeks, seed, runs }) =>
		daysOf(today, readyWeeks(done, weeks, { seed, runs }))
	);
