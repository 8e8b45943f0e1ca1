import type { Chance, LineDay } from './day';
import type { LineStation } from './assembly-line';
import { byStation } from './assembly-line';
import { runDay } from './run-day';

/**
 * What one more pair of hands at each station would bring, in balls: of usual pace, there all day, and
 * served last. Where it is most, the line is narrowest; it may be less than nothing.
 *
 * @throws DomainError where a figure of the day is out of its domain
 * @example addsOf({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 0, flat: 0, pieces: 0, joined: 60, balls: 0 }, room: {}, lengthS: 600, sittings: [] }, plainly) // { flatten: 0, cut: 0, join: 0, ball: 3 }
 */
export function addsOf(day: LineDay, chance: Chance): Record<LineStation, number> {
	const { balls } = runDay(day, chance).counts;
	return byStation((station) => {
		const more = { name: '+', speed: 1, station, fromS: 0, toS: day.lengthS };
		const { counts } = runDay({ ...day, sittings: [...day.sittings, more] }, chance);
		return counts.balls - balls;
	});
}
