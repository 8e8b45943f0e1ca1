import type { Point3, Rope } from '../drawing/rope';
import type { Tone } from '../drawing/scene';

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
 * One weft laid through a warp, there and back again.
 *
 * @param strands of warp it passes
 * @param rows whole, 1 or more
 * @param over whether it passes over a strand in a row, both from 1
 * @param until how far it has come, 0 to 1
 * @param begins from which side its first row comes
 * @param direction 1 lays each row above the one before, −1 below it
 * @example weft(4, 2, () => true, { left: 0, right: 80, foot: 60, pitch: 8, wide: 4 }).points.length // 12
 */
export function weft(
	strands: number,
	rows: number,
	over: (row: number, strand: number) => boolean,
	place: WeavePlace,
	until = 1,
	begins: 'left' | 'right' = 'left',
	direction: 1 | -1 = 1,
	tone: Tone = 'weft'
): Rope {
	const points: Point3[] = [];
	const out = 0.4 * ((place.right - place.left) / strands);
	for (let row = 1; row <= rows; row++) {
		const y = place.foot - direction * (row - 0.5) * place.pitch;
		const isRightward = (row % 2 === 1) === (begins === 'left');
		const ends: [Point3, Point3] = [
			[place.left - out, y, 0],
			[place.right + out, y, 0]
		];
		const across = Array.from({ length: strands }, (_, at): Point3 => [
			xOf(at + 1, strands, place),
			y,
			over(row, at + 1) ? 2 : -2
		]);
		const [first, second] = isRightward ? ends : [ends[1], ends[0]];
		points.push(first, ...(isRightward ? across : across.toReversed()), second);
	}
	return { points, wide: place.wide, tone, until };
}

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
				x + (at === 0 ? -0.25 * step : at === 2 * strands ? 0.25 * step : 0),
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

/**
 * One strand led continuously round nails at both ends of a frame.
 *
 * @param nails at each end, whole, 1 or more
 * @param until how far it is led, 0 to 1
 * @example nailedWarp(3, { left: 20, right: 100 }, 8, 64).points.length // 15
 */
export function nailedWarp(
	nails: number,
	{ left, right }: { readonly left: number; readonly right: number },
	head: number,
	foot: number,
	until = 1
): Rope {
	const pitch = (right - left) / nails;
	const points: Point3[] = [];
	for (let nail = 0; nail < nails; nail++) {
		const x = left + (nail + 0.5) * pitch;
		const quarter = 0.25 * pitch;
		points.push(
			[x - quarter, foot - 4, 0],
			[x - quarter, head + 3, 0],
			[x, head - 1, 0],
			[x + quarter, head + 3, 0],
			[x + quarter, foot - 4, 0]
		);
	}
	return { points, wide: Math.min(2.4, 0.2 * pitch), tone: 'film-other', until };
}

/**
 * Loops that stand out along an edge, chained one through the next: each is laid over and the next drawn up through it.
 *
 * @param loops whole, 1 or more
 * @param chained how many lie through the one before, from the left
 * @example chainedOff(4, 2, 10, 24, 60).length // 4
 */
export const chainedOff = (
	loops: number,
	chained: number,
	left: number,
	pitch: number,
	foot: number
): Rope[] =>
	Array.from({ length: loops }, (_, at): Rope => {
		const x = left + at * pitch;
		// A loop that the next is drawn through lies over to the right; so does the last that was drawn.
		const lies = Math.max(0, Math.min(1, chained - at + 1));
		const leaf: readonly Point3[] = [
			[x - 2.6, foot + 14, 0],
			[x - 2.6, foot, -0.4],
			[x - 2.4 + 3 * lies, foot - 11, 1.2],
			[x - 1 + 0.8 * pitch * lies, foot - 19 + 2 * lies, 1],
			[x + 3 + 1.25 * pitch * lies, foot - 21 + 8 * lies, 0],
			[x + 3 + 1.1 * pitch * lies, foot - 16 + 8 * lies, 0.6],
			[x + 2.6 + 3.4 * lies, foot - 9 + 1.5 * lies, 1],
			[x + 2.6, foot, -0.4],
			[x + 2.6, foot + 14, 0]
		];
		return { points: leaf, wide: 2.8, tone: at % 2 === 0 ? 'film-other' : 'weft' };
	});
