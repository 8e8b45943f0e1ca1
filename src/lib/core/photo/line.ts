import type { Place } from './board';
import { median } from './ground';

/** A straight line as `across = at + slope × along`, and how far places lie off it. */
export interface Line {
	readonly at: number;
	readonly slope: number;
	/** Spread of the places about it (standard deviation, robust). */
	readonly spread: number;
	readonly count: number;
}

/**
 * The straight line along places, whatever few of them lie far off (least squares, those beyond three
 * spreads left out and again).
 *
 * @param places how far along, and how far across
 * @example straightAlong([[0, 1], [1, 2], [2, 3], [3, 4]]).slope // 1
 */
export function straightAlong(places: readonly Place[]): Line {
	let kept = places;
	let line: Line = {
		at: median(places.map(([, y]) => y)),
		slope: 0,
		spread: 0,
		count: places.length
	};
	for (let round = 0; round < 5; round++) {
		const count = kept.length;
		if (count < 3) return line;
		const mx = kept.reduce((sum, [x]) => sum + x, 0) / count;
		const my = kept.reduce((sum, [, y]) => sum + y, 0) / count;
		let [xx, xy] = [0, 0];
		for (const [x, y] of kept) {
			xx += (x - mx) ** 2;
			xy += (x - mx) * (y - my);
		}
		const slope = xx > 0 ? xy / xx : 0;
		const at = my - slope * mx;
		const off = (p: Place) => Math.abs(p[1] - at - slope * p[0]);
		const spread = 1.4826 * median(kept.map(off));
		line = { at, slope, spread, count };
		const near = places.filter((p) => off(p) <= Math.max(0.4, 3 * spread));
		if (near.length === kept.length && near.every((p, nth) => p === kept[nth])) break;
		kept = near;
	}
	return line;
}

/**
 * How far across a line is at a place along.
 *
 * @example across({ at: 1, slope: 2, spread: 0, count: 2 }, 3) // 7
 */
export const across = (line: Line, along: number): number => line.at + line.slope * along;
