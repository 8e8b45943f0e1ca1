import type { Chance, LineDay } from './day';
import type { DayRun } from './day-state';
import { beginDay, blocked, doings, starved, working } from './day-state';
import { momentS, TableAtWork } from './table-at-work';
import type { Amounts, Line } from './assembly-line';
import { lineStations } from './assembly-line';

/**
 * Runs a day on to a moment. At every moment first what is done is put down, then people take their
 * lots in their order; where that makes room for those who are blocked, they put down too.
 *
 * @param watch is told whenever something was put down, taken or left undone
 * @example runUntil(beginDay({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 9, flat: 0, pieces: 0, joined: 0, balls: 0 }, room: {}, lengthS: 600, sittings: [{ name: 'Wren', speed: 1, station: 'flatten', fromS: 0, toS: 600 }] }, plainly), 600, () => {}).state.there[1] // 9
 */
export function runUntil(run: DayRun, untilS: number, watch: (run: DayRun) => void): DayRun {
	const table = new TableAtWork(run);
	const settle = (): void => {
		table.settle();
		watch(run);
	};
	settle();
	for (let next = table.nextS(); next <= untilS + momentS; next = table.nextS()) {
		table.nowS = next;
		run.state.atS = next;
		settle();
	}
	if (untilS > table.nowS) run.state.atS = untilS;
	return run;
}

/** What a seat has spent on something up to the moment a run has come to, s. */
function spentOn({ day, state }: DayRun, at: number, what: number): number {
	const before = state.spentS[at * doings.length + what] ?? 0;
	if (state.doing[at] !== what) return before;
	const untilS = Math.min(state.atS, day.sittings[at]?.toS ?? 0);
	return before + Math.max(0, untilS - (state.sinceS[at] ?? 0));
}

/** How one sitting went, s. */
export interface SittingTimes {
	readonly workedS: number;
	readonly starvedS: number;
	readonly blockedS: number;
	readonly lots: number;
}

/** What a day came to. */
export interface DayAnswer {
	/** What lies at each place in the end; a lot that is still under way counts as before its station. */
	readonly counts: Amounts;
	/** In the order of the day's sittings. */
	readonly seats: readonly SittingTimes[];
	/** Whole balls, and half a ball for each ball's worth of strand joined. */
	readonly worth: number;
}

/**
 * What lies there at the moment a run has come to.
 *
 * @example amountsAt(beginDay({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 9, flat: 0, pieces: 0, joined: 0.5, balls: 0 }, room: {}, lengthS: 60, sittings: [] }, plainly)).joined // 0.5
 */
export function amountsAt({ day, state }: DayRun): Amounts {
	const there = [...state.there];
	for (const [at, { station }] of day.sittings.entries()) {
		const of = lineStations.indexOf(station);
		there[of] = (there[of] ?? 0) + (state.lot[at] ?? 0);
	}
	return amountsOf(there, day.line);
}

/**
 * What lies at the places, strand counted in bags' worth.
 *
 * @param there in the order of the places, strand in pieces
 * @example amountsOf([1, 2, 3, 4, 5], { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }).joined // 1
 */
export function amountsOf(there: ArrayLike<number>, { piecesPerBag }: Line): Amounts {
	const [bags = 0, flat = 0, pieces = 0, strand = 0, balls = 0] = Array.from(there);
	return { bags, flat, pieces, joined: strand / piecesPerBag, balls };
}

/**
 * What a day is worth: its balls, and half a ball for each ball's worth of strand joined.
 *
 * @example worthOf({ bags: 0, flat: 0, pieces: 0, joined: 30, balls: 13 }, 20) // 13.75
 */
export const worthOf = ({ balls, joined }: Amounts, bagsPerBall: number): number =>
	balls + joined / bagsPerBall / 2;

/** Nobody watches. */
const unwatched = (): void => {};

/**
 * Runs a whole day.
 *
 * @throws DomainError where a figure of the day is out of its domain
 * @example runDay({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 9, flat: 0, pieces: 0, joined: 0, balls: 0 }, room: {}, lengthS: 600, sittings: [{ name: 'Wren', speed: 1, station: 'flatten', fromS: 0, toS: 600 }] }, plainly).counts.flat // 9
 */
export function runDay(day: LineDay, chance: Chance): DayAnswer {
	const run = runUntil(beginDay(day, chance), day.lengthS, unwatched);
	const counts = amountsAt(run);
	return {
		counts,
		seats: day.sittings.map((_, at) => ({
			workedS: spentOn(run, at, working),
			starvedS: spentOn(run, at, starved),
			blockedS: spentOn(run, at, blocked),
			lots: run.state.lots[at] ?? 0
		})),
		worth: worthOf(counts, day.line.bagsPerBall)
	};
}
