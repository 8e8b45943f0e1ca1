import type { Point3, Rope } from '../drawing/rope';
import type { Roll } from '../finish/roll';
import type { Point } from '../drawing/smooth-line';

/** A rolled mat lying across a sketch, and the scale it is drawn to. */
export interface LyingRoll {
	readonly left: number;
	readonly right: number;
	readonly top: number;
	readonly foot: number;
	/** Units a millimetre. */
	readonly scale: number;
}

/**
 * Where a roll lies, in so much room.
 * @example lyingRoll({ diameterMm: 200, lengthMm: 400 }, 0.1).right // 80
 */
export const lyingRoll = ({ diameterMm, lengthMm }: Roll, scale: number): LyingRoll => ({
	left: 60 - (lengthMm * scale) / 2,
	right: 60 + (lengthMm * scale) / 2,
	top: 64 - diameterMm * scale,
	foot: 64,
	scale
});

/**
 * How long a line of points is.
 * @example lineLong([[0, 0], [3, 4], [3, 10]]) // 11
 */
export const lineLong = (points: readonly Point[]): number =>
	points.slice(1).reduce((sum, [x, y], at) => {
		const from = points[at] ?? [x, y];
		return sum + Math.hypot(x - from[0], y - from[1]);
	}, 0);

/** A bow between two places that hangs upward so far: a smooth half of an oval. */
const bow = (left: number, right: number, y: number, high: number): Point[] =>
	Array.from({ length: 41 }, (_, at): Point => {
		const angle = Math.PI * (1 - at / 40);
		return [
			(left + right) / 2 + ((right - left) / 2) * Math.cos(angle),
			y - high * Math.sin(angle)
		];
	});

/**
 * A strap between the two ties of a lying roll, as long for the roll as it is in the hand: it hangs in a bow.
 *
 * @param strapMm its length, more than half the roll's
 * @example lineLong(strapBow({ diameterMm: 200, lengthMm: 430 }, lyingRoll({ diameterMm: 200, lengthMm: 430 }, 0.08), 1500)) > 110 // true
 */
export function strapBow(roll: Roll, lying: LyingRoll, strapMm: number): Point[] {
	const long = roll.lengthMm * lying.scale;
	const [left, right] = [lying.left + 0.22 * long, lying.left + 0.78 * long];
	const wanted = strapMm * lying.scale;
	let [low, high] = [0, wanted];
	for (let step = 0; step < 40; step++) {
		const middle = (low + high) / 2;
		if (lineLong(bow(left, right, lying.top, middle)) < wanted) low = middle;
		else high = middle;
	}
	return bow(left, right, lying.top, low);
}

/**
 * A tie laid out straight, as long for the roll's girth as it is in the hand.
 *
 * @returns its drawn length and the drawn girth
 * @example drawnTie({ diameterMm: 200, lengthMm: 430 }, 1200, 0.08).long // 96
 */
export const drawnTie = ({ diameterMm }: Roll, tieMm: number, scale: number) => ({
	long: tieMm * scale,
	girth: Math.PI * diameterMm * scale
});

/** The four sides of a pillow's cover and how each is closed. */
export type CoverSide = 'open' | 'sewn';

/**
 * A cover of two cloths: its sides so far as they are sewn, and how far it is stuffed.
 *
 * @param sewn how many of its sides are sewn, 0 to 4: the last is the one it is filled by
 * @example coverSides(3).filter((side) => side === 'open').length // 1
 */
export const coverSides = (sewn: number): CoverSide[] =>
	Array.from({ length: 4 }, (_, side) => (side < sewn ? 'sewn' : 'open'));

/**
 * Ends of strands led back into a mat: each through the gap beside, then the next, opposite each time.
 *
 * @param ends whole, 1 or more
 * @param until how far they have come, 0 to 1
 * @returns the mat's strands first, then the ends
 * @example tuckedEnds(4, 1).length // 10
 */
export function tuckedEnds(ends: number, until: number): Rope[] {
	const strands = Array.from({ length: 6 }, (_, at): Rope => ({
		points: [
			[16 + at * 18, -6, 0],
			[16 + at * 18, 24, 0],
			[16 + at * 18, 48, 0],
			[16 + at * 18, 78, 0]
		],
		wide: 6,
		tone: 'film-other'
	}));
	const tails = Array.from({ length: ends }, (_, nth): Rope => {
		const y = 12 + nth * 16;
		const points: Point3[] = [
			[124, y - 6, 0],
			[116, y - 2, 0]
		];
		// From the last strand inward, over and under in turn, each end opposite to the one above.
		for (let gap = 0; gap < 4; gap++)
			points.push([106 - gap * 18, y, (gap + nth) % 2 === 0 ? 2.4 : -2.4]);
		return { points, wide: 3, tone: 'weft', until };
	});
	return [...strands, ...tails];
}
