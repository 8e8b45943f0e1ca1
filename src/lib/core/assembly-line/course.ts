import type { Chance, LineDay } from './day';
import type { Amounts } from './assembly-line';
import type { Doing, DayRun } from './day-state';
import { beginDay, doings } from './day-state';
import { amountsOf, runUntil } from './run-day';

/** What lies there from a moment on. */
export interface CoursePoint {
	readonly atS: number;
	readonly amounts: Amounts;
	/** What each seat does, in the order of the day's sittings. */
	readonly doing: readonly Doing[];
}

/**
 * The course of every place over a day: what lies there from each moment at which that changes.
 *
 * @throws DomainError where a figure of the day is out of its domain
 * @example courseOf({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 9, flat: 0, pieces: 0, joined: 0, balls: 0 }, room: {}, lengthS: 600, sittings: [{ name: 'Wren', speed: 1, station: 'flatten', fromS: 0, toS: 600 }] }, plainly).map(({ atS, amounts }) => [atS, amounts.flat]) // [[0, 0], [135, 9], [600, 9]]
 */
export function courseOf(day: LineDay, chance: Chance): CoursePoint[] {
	const points: CoursePoint[] = [];
	const point = ({ state }: DayRun) =>
		void points.push({
			atS: state.atS,
			amounts: amountsOf(state.there, day.line),
			doing: Array.from(state.doing, (what) => doings[what] ?? 'away')
		});
	const run = runUntil(beginDay(day, chance), day.lengthS, point);
	if ((points.at(-1)?.atS ?? 0) < day.lengthS) point(run);
	return points;
}
