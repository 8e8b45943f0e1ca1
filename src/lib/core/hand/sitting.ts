import { within } from '../domain-error';

/** A row that was tapped, and when, min since any one moment. */
export interface TimedRow {
	readonly step: number;
	readonly atMin: number;
}

/** Rows made at one go. */
export interface Sitting {
	readonly rows: number;
	readonly minutes: number;
}

/** A pause of so many minutes ends a sitting. */
export const sittingPauseMin = 20;

/** From fewer rows, or less time, nothing is learned of anybody's pace. */
const [leastRows, leastMin] = [5, 5];

/**
 * The sitting that ended with the last of some rows: how many were made in which time. The first tap says
 * when the second row began, so its own row is not timed.
 *
 * @param taps in the order of their time
 * @returns null where too few rows were made to say anything
 * @throws DomainError where they are not in order
 * @example lastSitting([0, 60, 66, 72, 78, 84, 90].map((atMin) => ({ step: 1, atMin }))) // { rows: 5, minutes: 30 }
 */
export function lastSitting(taps: readonly TimedRow[]): Sitting | null {
	let first = taps.length - 1;
	while (first > 0) {
		const pause = (taps[first]?.atMin ?? 0) - (taps[first - 1]?.atMin ?? 0);
		if (within('pause', pause, { atLeast: 0 }) > sittingPauseMin) break;
		first--;
	}
	const own = taps.slice(Math.max(0, first));
	const [begin, end] = [own[0], own.at(-1)];
	if (!begin || !end) return null;
	const rows = own.slice(1).reduce((sum, { step }) => sum + step, 0);
	const minutes = end.atMin - begin.atMin;
	return rows >= leastRows && minutes >= leastMin ? { rows, minutes } : null;
}
