import { quantileSorted } from '../statistics/quantile';
import { within } from '../domain-error';
import type { LineDay } from './day';
import type { LineBuffer } from './assembly-line';
import { lineBuffers } from './assembly-line';
import { beginDay } from './day-state';
import { amountsAt, runDay, runUntil } from './run-day';
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

/** How many days, by which seed, and how far they spread. */
export interface ManyDays {
	readonly runs: number;
	readonly seed: number;
	readonly spreads: Spreads;
}

/** Each day has a seed of its own: the same for the same seed of all. */
const seedOf = (seed: number, run: number): number => (seed + Math.imul(run, 0x9e3779b1)) >>> 0;
const spreadOf = (sorted: readonly number[]): BallsByChance => ({
	expected: sorted.reduce((sum, one) => sum + one, 0) / sorted.length,
	low: quantileSorted(sorted, 0.1),
	high: quantileSorted(sorted, 0.9)
});
const unwatched = (): void => {};

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
	{ runs, seed, spreads }: ManyDays,
	ran: (days: number) => void
): BallsByChance {
	within('runs', runs, { atLeast: 1, isWhole: true });
	const balls: number[] = [];
	for (let run = 0; run < runs; run++) {
		balls.push(runDay(day, seededChance(seedOf(seed, run), spreads)).counts.balls);
		ran(run + 1);
	}
	return spreadOf(balls.toSorted((a, b) => a - b));
}

/** The course of one place by chance: its middle, and nearest-rank 10 and 90 % points, at each moment. */
export interface CountBand {
	readonly low: readonly number[];
	readonly middle: readonly number[];
	readonly high: readonly number[];
}

/** Many days by chance: their balls, and the course of every place. */
export interface DaysByChance {
	readonly balls: BallsByChance;
	/** Moments of the bands, s. */
	readonly atS: readonly number[];
	readonly bands: Readonly<Record<LineBuffer, CountBand>>;
}

/**
 * The same day many times over, and what lies at each place as it goes on.
 *
 * @param runs whole, 1 or more
 * @param moments whole, 2 or more, spread evenly from the beginning to the end
 * @throws DomainError where a figure is out of its domain
 * @example daysByChance({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 7, flat: 0, pieces: 0, joined: 0, balls: 3 }, room: {}, lengthS: 600, sittings: [] }, { runs: 5, seed: 1, spreads: { lotCv: 0.15, dayCv: 0.2 } }, 2, () => {}).bands.bags.middle // [7, 7]
 */
export function daysByChance(
	day: LineDay,
	{ runs, seed, spreads }: ManyDays,
	moments: number,
	ran: (days: number) => void
): DaysByChance {
	within('runs', runs, { atLeast: 1, isWhole: true });
	within('moments', moments, { atLeast: 2, isWhole: true });
	const atS = Array.from({ length: moments }, (_, nth) => (day.lengthS * nth) / (moments - 1));
	const found = lineBuffers.map(() => atS.map((): number[] => []));
	for (let run = 0; run < runs; run++) {
		const going = beginDay(day, seededChance(seedOf(seed, run), spreads));
		for (const [nth, momentS] of atS.entries()) {
			const amounts = amountsAt(runUntil(going, momentS, unwatched));
			for (const [place, name] of lineBuffers.entries()) found[place]?.[nth]?.push(amounts[name]);
		}
		ran(run + 1);
	}
	const bandOf = (at: number): CountBand => {
		const sorted = (found[at] ?? []).map((all) => all.toSorted((a, b) => a - b));
		const rank = (share: number) => sorted.map((all) => quantileSorted(all, share));
		return { low: rank(0.1), middle: rank(0.5), high: rank(0.9) };
	};
	const balls = (found[4]?.at(-1) ?? []).toSorted((a, b) => a - b);
	return {
		balls: spreadOf(balls),
		atS,
		bands: Object.fromEntries(
			lineBuffers.map((name, at) => [name, bandOf(at)])
		) as unknown as DaysByChance['bands']
	};
}
