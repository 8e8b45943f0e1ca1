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
export const lastSitting = (taps: readonly TimedRow[]): Sitting | null =>
	sittingOf(sittingsOf(taps).at(-1) ?? []);

/** Taps in their order, apart wherever a pause lies between. */
function sittingsOf(taps: readonly TimedRow[]): TimedRow[][] {
	const sittings: TimedRow[][] = [];
	let before: TimedRow | null = null;
	for (const tap of taps) {
		const pause = before && within('pause', tap.atMin - before.atMin, { atLeast: 0 });
		if (pause === null || pause > sittingPauseMin) sittings.push([]);
		sittings.at(-1)?.push(tap);
		before = tap;
	}
	return sittings;
}

/** What one sitting says; null where it is too short to say anything. */
function sittingOf(own: readonly TimedRow[]): Sitting | null {
	const [begin, end] = [own[0], own.at(-1)];
	if (!begin || !end) return null;
	const rows = own.slice(1).reduce((sum, { step }) => sum + step, 0);
	const minutes = end.atMin - begin.atMin;
	return rows >= leastRows && minutes >= leastMin ? { rows, minutes } : null;
}

/**
 * Rows that were timed, over all sittings of one device, and the minutes they took.
 *
 * @param taps in the order of their time
 * @throws DomainError where they are not in order
 * @example timedRows([0, 5, 10, 15, 20, 25].map((atMin) => ({ step: 1, atMin }))) // { rows: 5, minutes: 25 }
 */
export const timedRows = (taps: readonly TimedRow[]): Sitting =>
	sittingsOf(taps)
		.map(sittingOf)
		.reduce<Sitting>(
			(sum, one) => ({
				rows: sum.rows + (one?.rows ?? 0),
				minutes: sum.minutes + (one?.minutes ?? 0)
			}),
			{ rows: 0, minutes: 0 }
		);
