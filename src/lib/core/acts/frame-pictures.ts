import type { Point3, Rope } from '../drawing/rope';
import type { Point } from '../drawing/smooth-line';

/** Nails at each end of a frame that fit its picture. */
export const mostNails = 5;
const sides = { left: 14, right: 106 } as const;
export const frameAt = { head: 10, foot: 62 } as const;
const pitchOf = (nails: number): number => (sides.right - sides.left) / nails;
/**
 * Where a nail of the head stands, of so many; those of the foot stand between them.
 * @example headNail(0, 5) // [18.6, 10]
 */
export const headNail = (nail: number, nails: number): Point => [
	sides.left + (nail + 0.25) * pitchOf(nails),
	frameAt.head
];
/**
 * Where a nail of the foot stands, of so many.
 * @example footNail(0, 5) // [27.8, 62]
 */
export const footNail = (nail: number, nails: number): Point => [
	sides.left + (nail + 0.75) * pitchOf(nails),
	frameAt.foot
];

/**
 * One strand led from nail to nail: an eye on the first at the head, down round the one opposite, up round the next, to
 * an eye on the last at the foot.
 *
 * @param until how far it is led, 0 to 1
 * @param count of nails at each end, whole, 2 or more
 * @returns the strand, and the nails it meets in their order
 * @example nailPath(1, 5).nails.length // 10
 */
export function nailPath(
	until: number,
	count: number
): {
	readonly rope: Rope;
	readonly nails: readonly { readonly end: 'head' | 'foot'; readonly nail: number }[];
} {
	const nails = Array.from({ length: 2 * count }, (_, at) => ({
		end: at % 2 === 0 ? ('head' as const) : ('foot' as const),
		nail: Math.floor(at / 2)
	}));
	const points = nails.flatMap(({ end, nail }, at): Point3[] => {
		const [x, y] = end === 'head' ? headNail(nail, count) : footNail(nail, count);
		const out = end === 'head' ? -2.4 : 2.4;
		if (at === 0)
			return [
				[x - 4, y + 16, 0],
				[x - 3, y + 4, 0],
				[x, y + out, 0],
				[x + 2.4, y + 3, 0]
			];
		if (at === nails.length - 1)
			return [
				[x - 2.4, y - 3, 0],
				[x, y + out, 0],
				[x + 3, y - 4, 0],
				[x + 4, y - 16, 0]
			];
		return [
			[x - 2.4, y - 1.4 * out, 0],
			[x, y + out, 0],
			[x + 2.4, y - 1.4 * out, 0]
		];
	});
	return { rope: { points, wide: 1.8, tone: 'film-other', until }, nails };
}

/**
 * Where a chain hangs, of so many.
 * @example chainX(0, 4) // 25.5
 */
export const chainX = (nail: number, nails: number): number =>
	sides.left + (nail + 0.5) * pitchOf(nails);

/**
 * One chain of rings from a nail to the one opposite, none going on to the next.
 *
 * @param nail from 0
 * @param rings of the chain, whole, 1 or more
 * @param nails at each end
 * @example ringChain(0, 4, 5).length // 4
 */
export function ringChain(nail: number, rings: number, nails: number): Rope[] {
	const x = chainX(nail, nails);
	const long = (frameAt.foot - frameAt.head + 4) / rings;
	return Array.from({ length: rings }, (_, at): Rope => {
		const top = frameAt.head - 2 + at * long;
		const foot = top + long + 1.6;
		return {
			points: [
				[x, top, at % 2],
				[x + 2.4, top + 3, at % 2],
				[x + 2.4, foot - 3, (at + 1) % 2],
				[x, foot, (at + 1) % 2],
				[x - 2.4, foot - 3, (at + 1) % 2],
				[x - 2.4, top + 3, at % 2]
			],
			wide: 1.4,
			tone: 'film-other',
			isClosed: true
		};
	});
}

/** Loops about nails that a row is worked into: so many, each with two legs. */
export const loopsDrawn = 4;
const loopX = (loop: number): number => 24 + loop * 24;

/** Whether a row lies by the nails of the foot or of the head. */
export type FrameEnd = 'foot' | 'head';
const endY = (end: FrameEnd): readonly [number, 1 | -1] => (end === 'foot' ? [62, -1] : [10, 1]);
/**
 * The nail of a loop.
 * @example loopNail(1, 'foot') // [48, 62]
 */
export const loopNail = (loop: number, end: FrameEnd): Point => [loopX(loop), endY(end)[0]];

/**
 * The warp's loops about the nails of one end, each with its two legs.
 * @example nailLoops('foot').length // 4
 */
export const nailLoops = (end: FrameEnd): Rope[] => {
	const [y, out] = endY(end);
	return Array.from({ length: loopsDrawn }, (_, loop): Rope => {
		const x = loopX(loop);
		return {
			points: [
				[x - 6, y + out * 66, 0],
				[x - 6, y + out * 24, 0],
				[x - 5, y + out * 6, 0],
				[x, y - out * 4, 0],
				[x + 5, y + out * 6, 0],
				[x + 6, y + out * 24, 0],
				[x + 6, y + out * 66, 0]
			],
			wide: 2.6,
			tone: 'film-other'
		};
	});
};

/** How a first row can go: its halves trading places inside every loop, or, wrongly, both before or behind both legs. */
export type LoopRow = 'inside' | 'behind' | 'gaps';

/**
 * The two halves of a ring folded round the rod, through the nails' loops: they cross inside every loop, so that each
 * lies over one leg and under the other.
 *
 * @param until how far the row has come, 0 to 1
 * @param way as it should be, or a mistake
 * @example loopRow('foot', 1, 'inside').length // 2
 */
export function loopRow(end: FrameEnd, until: number, way: LoopRow): [Rope, Rope] {
	const [y, out] = endY(end);
	const row = y + out * 14;
	const half = (which: 0 | 1): Rope => {
		const side = which === 0 ? 1 : -1;
		const points: Point3[] = [
			[8, row, 0],
			[4, row + side * 2.2, 2.4 * side]
		];
		for (let loop = 0; loop < loopsDrawn; loop++) {
			const x = loopX(loop);
			// Which half lies before as the first leg is reached.
			const before = side * (loop % 2 === 0 ? 1 : -1);
			const z = (leg: 0 | 1): number => {
				if (way === 'behind') return -2;
				return 2.4 * (leg === 0 ? before : -before);
			};
			const change = (leg: 0 | 1): number =>
				row + 2.2 * Math.sign(z(leg)) * (way === 'behind' ? side : 1);
			if (way === 'gaps')
				// Round nothing but the gap between two loops.
				points.push(
					[x - 6, row + side * 2.2, 2.4 * side],
					[x + 6, row + side * 2.2, 2.4 * side],
					[x + 12, row, 0]
				);
			else
				points.push(
					[x - 6, change(0), z(0)],
					[x, row, way === 'behind' ? -2 + 0.4 * side : 0.5 * before],
					[x + 6, change(1), z(1)]
				);
		}
		points.push([112, row + side * 2.2 * (loopsDrawn % 2 === 0 ? 1 : -1), 0], [118, row, 0]);
		return { points, wide: 2.4, tone: which === 0 ? 'weft' : 'film-line', until };
	};
	return [half(0), half(1)];
}

/**
 * The end loops of two panels towards each other, and the lace that goes through one here and one there in turn.
 *
 * @param loops of each panel, whole, 1 or more
 * @param until how far the lace has come, 0 to 1
 * @param apart how far the panels lie apart
 * @returns loops of the near panel, of the far one, and the lace
 * @example panelSeam(4, 1, 0).near.length // 4
 */
export function panelSeam(
	loops: number,
	until: number,
	apart: number
): { readonly near: readonly Rope[]; readonly far: readonly Rope[]; readonly lace: Rope } {
	const step = 104 / loops;
	const at = (loop: number, isFar: boolean): number => 8 + (loop + (isFar ? 0.72 : 0.28)) * step;
	const loop = (nth: number, isFar: boolean): Rope => {
		const x = at(nth, isFar);
		const [root, tip] = isFar ? [10 - apart, 42 - apart] : [62 + apart, 30 + apart];
		const bend = isFar ? -5 : 5;
		return {
			points: [
				[x - 4.4, root, 0],
				[x - 4.2, (root + tip) / 2, 0],
				[x - 4, tip + bend, 0],
				[x, tip, 0],
				[x + 4, tip + bend, 0],
				[x + 4.2, (root + tip) / 2, 0],
				[x + 4.4, root, 0]
			],
			wide: 2.4,
			tone: isFar ? 'film-line' : 'film-other'
		};
	};
	const points: Point3[] = [[-8, 36, 0]];
	for (let nth = 0; nth < loops; nth++)
		for (const isFar of [false, true]) {
			const x = at(nth, isFar);
			const y = isFar ? 33.6 : 38.4;
			points.push([x - 4.2, y, 2], [x, y, 0], [x + 4.2, y, -2]);
		}
	points.push([128, 36, 0]);
	const all = Array.from({ length: loops }, (_, nth) => nth);
	return {
		near: all.map((nth) => loop(nth, false)),
		far: all.map((nth) => loop(nth, true)),
		lace: { points, wide: 2.6, tone: 'weft', until }
	};
}
