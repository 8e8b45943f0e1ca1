import { within } from '../domain-error';
import type { LineDay } from './day';
import { runDay } from './run-day';
import type { Spreads } from './seeded-chance';
import { seededChance } from './seeded-chance';

/** Balls at the end of a day, over many days by chance. */
export interface BallsByChance {
	/** The mean. */
	readonly expected: number;
	/** Nearest-rank 10 and 90 % points. */
	readonly low: number;
	readonly high: number;
}

/**
 * The same day many times over, by chance.
 *
 * @param runs whole, 1 or more
 * @param seed whole; the same seed gives the same days
 * @param ran is told after each day how many have run
 * @throws DomainError where a figure is out of its domain
 * @example manyDays({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 0, flat: 0, pieces: 0, joined: 0, balls: 3 }, room: {}, lengthS: 600, sittings: [] }, { runs: 5, seed: 1, spreads: { lotCv: 0.15, dayCv: 0.2 } }, () => {}) // { expected: 3, low: 3, high: 3 }
 */
export function manyDays(
	day: LineDay,
	{
		runs,
		seed,
		spreads
	}: { readonly runs: number; readonly seed: number; readonly spreads: Spreads },
	ran: (days: number) => void
): BallsByChance {
	within('runs', runs, { atLeast: 1, isWhole: true });
	const balls: number[] = [];
	for (let run = 0; run < runs; run++) {
		balls.push(
			runDay(day, seededChance((seed + Math.imul(run, 0x9e3779b1)) >>> 0, spreads)).counts.balls
		);
		ran(run + 1);
	}
	balls.sort((a, b) => a - b);
	const rank = (share: number) => balls[Math.max(0, Math.ceil(share * runs) - 1)] ?? 0;
	return {
		expected: balls.reduce((sum, one) => sum + one, 0) / runs,
		low: rank(0.1),
		high: rank(0.9)
	};
}
