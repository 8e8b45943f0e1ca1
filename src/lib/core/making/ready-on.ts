import { quantileSorted } from '../statistics/quantile';
import { within } from '../domain-error';
import { seededRng } from '../statistics/rng';
import { drawHabit, drawWeek, weeksKnown } from './week-habit';

/** Weeks that are looked ahead: two years. */
export const mostWeeks = 104;

/** The week, from 0, by whose end a mat is done: in 10, 50 and 90 % of runs; null beyond two years. */
export interface ReadyWeeks {
	readonly low: number | null;
	readonly middle: number | null;
	readonly high: number | null;
}

/**
 * How many weeks each run takes to finish a mat: 0 is this week; infinite beyond two years. A run keeps
 * to one habit.
 *
 * @param done share of the mat that is made, 0 or more
 * @param weeks shares of a mat in past weeks
 * @param runs whole, 1 or more
 * @param away weeks to come in which its maker is away, this one being 1: it gains nothing then
 * @throws DomainError
 * @example readyRuns(0.95, [0.2, 0.2, 0.2], { seed: 1, runs: 3 }) // [0, 0, 0]
 */
export function readyRuns(
	done: number,
	weeks: readonly number[],
	{ seed, runs }: { readonly seed: number; readonly runs: number },
	away: readonly number[] = []
): number[] {
	within('done', done, { atLeast: 0 });
	within('runs', runs, { atLeast: 1, isWhole: true });
	const known = weeksKnown(weeks);
	const rng = seededRng(seed);
	return Array.from({ length: runs }, () => {
		const habit = drawHabit(known, rng);
		let share = done;
		for (let week = 0; week < mostWeeks; week++) {
			if (share >= 1) return Math.max(0, week - 1);
			// Their luck goes on while they are away.
			const made = drawWeek(habit, rng);
			if (!away.includes(week + 1)) share += made;
		}
		return share >= 1 ? mostWeeks - 1 : Infinity;
	});
}

/**
 * The week by whose end at least such a share of runs is done; null where it is none of those looked at.
 *
 * @param share above 0, 1 at most
 * @example [weekOf([3, 1, 2, Infinity], 0.5), weekOf([3, 1, 2, Infinity], 0.9)] // [2, null]
 */
export function weekOf(runs: readonly number[], share: number): number | null {
	const week = quantileSorted(
		runs.toSorted((one, other) => one - other),
		share
	);
	return Number.isFinite(week) ? week : null;
}

/**
 * By the end of which week a mat will be done, as a maker's past weeks have it.
 *
 * @param done share of the mat that is made, 0 or more
 * @param weeks shares of a mat in past weeks
 * @throws DomainError
 * @example readyWeeks(1, [0.1], { seed: 1, runs: 100 }) // { low: 0, middle: 0, high: 0 }
 */
export function readyWeeks(
	done: number,
	weeks: readonly number[],
	chance: { readonly seed: number; readonly runs: number },
	away: readonly number[] = []
): ReadyWeeks {
	const runs = readyRuns(done, weeks, chance, away);
	return { low: weekOf(runs, 0.1), middle: weekOf(runs, 0.5), high: weekOf(runs, 0.9) };
}
