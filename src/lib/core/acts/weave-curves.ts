import type { Point3, Rope } from '../drawing/rope';

/** Where a weave lies. */
export interface WeavePlace {
	readonly left: number;
	readonly right: number;
	/** The first row, at the worker’s side. */
	readonly foot: number;
	/** How far a row takes it up. */
	readonly pitch: number;
	/** How wide its strands are drawn. */
	readonly wide: number;
}

const xOf = (strand: number, strands: number, { left, right }: WeavePlace): number =>
	left + ((strand - 0.5) * (right - left)) / strands;

/**
 * The strands of a warp, from foot to head.
 * @example warp(2, { left: 0, right: 40, foot: 60, pitch: 8, wide: 4 }, 60, 0)[1]?.points.at(-1) // [30, 0, 0]
 */
export const warp = (strands: number, place: WeavePlace, from: number, to: number): Rope[] =>
	Array.from({ length: strands }, (_, at): Rope => {
		const x = xOf(at + 1, strands, place);
		return {
			points: [from, from + (to - from) / 3, from + (2 * (to - from)) / 3, to].map((y): Point3 => [
				x,
				y,
				0
			]),
			wide: place.wide,
			tone: 'film-other'
		};
	});

/**
 * A pair of strands that twist about each other between one end of warp and the next, so that each end is held
 * between them.
 *
 * @param row whole, from 1: every other row twists the other way about
 * @param until how far it has come, 0 to 1
 * @param odd a gap, from 0, in which the leading strand passes below: none in a good row
 * @example twinedPair(4, 1, { left: 0, right: 80, foot: 60, pitch: 8, wide: 3 }).length // 2
 */
export function twinedPair(
	strands: number,
	row: number,
	place: WeavePlace,
	until = 1,
	odd = 0
): [Rope, Rope] {
	const y = place.foot - (row - 0.5) * place.pitch;
	const step = (place.right - place.left) / strands;
	const strand = (which: 0 | 1): Rope => ({
		points: Array.from({ length: 2 * strands + 1 }, (_, at): Point3 => {
			const x = place.left + (at / 2) * step;
			// Odd places lie at an end of warp, even ones between two, where the pair crosses.
			const end = Math.floor((at - 1) / 2);
			const isOn = (((end + which + row) % 2) + 2) % 2 === 1;
			if (at % 2 === 1) return [x, y + (isOn ? -0.3 : 0.3) * place.pitch, isOn ? 2 : -2];
			// The strand that lay over leads, and is lifted over the other; round the rod they trade places.
			const leads = odd > 0 && at === 2 * odd ? !isOn : isOn;
			return [
				x + (at === 0 ? -0.48 * step : at === 2 * strands ? 0.48 * step : 0),
				y,
				leads ? 0.4 : -0.4
			];
		}),
		wide: place.wide,
		tone: which === 0 ? 'weft' : 'film-line',
		until
	});
	return [strand(0), strand(1)];
}
