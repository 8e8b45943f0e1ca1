import type { Rope } from '../drawing/rope';
import type { Point } from '../drawing/smooth-line';
import type { Tone } from '../drawing/scene';
import type { Stitch } from '../techniques/crochet/stitches';
import type { StitchState } from './stitch-states';

/** How high each stitch stands, in the units of a sketch. */
export const stitchHigh: Readonly<Record<Stitch, number>> = { sc: 13, hdc: 19, dc: 26 };

/** How far a place of the row below is from the next. */
export const placePitch = 17;
/**
 * Where a place of the row below lies, counted from the hook's side.
 * @example placeX(2) // 74
 */
export const placeX = (place: number): number => 108 - place * placePitch;
export const rowFoot = 60;

/**
 * The top of a stitch: two strands that lie as a V seen from above.
 * @example topOf(60, 40, 'weft').isClosed // true
 */
export const topOf = (x: number, y: number, tone: Tone): Rope => ({
	points: [
		[x - 7.5, y + 0.6, 1],
		[x - 1, y - 2.8, 1],
		[x + 7, y - 2, 1],
		[x + 7.5, y + 1.2, 1],
		[x - 1, y + 2.6, 1]
	],
	wide: 2,
	tone,
	isClosed: true
});

/** A stitch that stands in a place: its two legs about both top strands there, one before and one behind, and its own top. */
export interface StandingStitch {
	readonly place: number;
	readonly legs: Rope;
	readonly top: Rope;
	/** Short strands across its legs: one for each time the yarn was laid over. */
	readonly bars: readonly Rope[];
}

/**
 * A stitch standing in a place of the row below.
 *
 * @param place whole, 0 or more, from the hook's side
 * @example standingStitch('sc', 2, 'weft').bars.length // 0
 */
export function standingStitch(
	stitch: Stitch,
	place: number,
	tone: Tone,
	foot = rowFoot
): StandingStitch {
	const x = placeX(place);
	const top = foot - stitchHigh[stitch];
	const bars = stitch === 'sc' ? 0 : 1;
	return {
		place,
		legs: {
			points: [
				[x - 0.5, foot + 5, 0],
				[x + 2.6, foot + 1.5, 3],
				[x + 2.8, foot - 4, 3],
				[x + 2.2, top + 3, 0.5],
				[x, top, -0.5],
				[x - 2.2, top + 3, -2],
				[x - 3, foot - 4, -3],
				[x - 3, foot + 1.5, -3]
			],
			wide: 2,
			tone,
			isClosed: true
		},
		top: topOf(x, top, tone),
		bars: Array.from({ length: bars }, (): Rope => ({
			points: [
				[x - 4.5, top + 0.55 * stitchHigh[stitch] + 2, 4],
				[x, top + 0.55 * stitchHigh[stitch], 4],
				[x + 4.5, top + 0.55 * stitchHigh[stitch] - 2.4, 4]
			],
			wide: 1.8,
			tone
		}))
	};
}

/** A row in work: the tops below, the stitches that stand, the hook with its loops, the strand. */
export interface RowInWork {
	readonly below: readonly Rope[];
	readonly stitches: readonly StandingStitch[];
	readonly hook: Rope;
	readonly loops: readonly Rope[];
	readonly strand: Rope;
}

/** Places of the row below that are drawn. */
export const places = 6;

/**
 * A row as it stands at a move of a stitch: `done` stitches before, the next worked into the place after them.
 *
 * @param state a move of the stitch; null before it begins. After its last the stitch stands, one more than before
 * @param isLast whether the state is the stitch's last
 * @example rowInWork('sc', 2, null, false).stitches.length // 2
 */
export function rowInWork(
	stitch: Stitch,
	done: number,
	state: StitchState | null,
	isLast: boolean
): RowInWork {
	const high = stitchHigh[stitch];
	const stands = done + (isLast ? 1 : 0);
	const into = placeX(done);
	const top = rowFoot - high;
	const from = placeX(stands - 1);
	const { loops = 1, isOver = false, isIn = false } = state ?? {};
	const hookY = top - 9;
	const tip = from - 24;
	const hook: Rope = {
		points: isIn
			? [
					[126, hookY - 6, 2],
					[from + 10, hookY, 2],
					[from - 4, hookY + 0.3 * (rowFoot - hookY), 2],
					[into + 5, rowFoot - 6, 2],
					[into + 1.5, rowFoot - 1, -4],
					[into - 3, rowFoot + 4, -4],
					[into - 7, rowFoot + 6, -4]
				]
			: [
					[126, hookY - 6, 2],
					[from + 22, hookY - 1, 2],
					[from + 6, hookY, 2],
					[from - 8, hookY, 2],
					[tip, hookY, 2],
					[tip - 4, hookY + 1, 2],
					[tip - 3, hookY + 4, 2]
				],
		wide: 3.6,
		tone: 'quiet'
	};
	// The first loop comes out of the last stitch; one that was drawn up comes out of the place; one laid over hangs alone.
	const isDrawnUp = (at: number) => at > 0 && at === loops - 1 && !isIn;
	const onHook = Array.from({ length: loops }, (_, at): Rope => {
		const x = from - 1 - at * 6;
		const y = isIn ? hookY + 0.1 * at * (rowFoot - hookY) : hookY;
		const [fx, fy] =
			at === 0 ? [from, top] : isDrawnUp(at) ? [into, rowFoot + 4] : [x - 1, hookY + 10];
		return {
			points: [
				[fx + 1.5, fy, 3],
				[x + 3, (y + fy) / 2, 4],
				[x + 2.4, y - 1, 5],
				[x, y - 4, 3],
				[x - 2.4, y - 1, -1],
				[x - 2.4, (y + fy) / 2, -3],
				[fx - 1.5, fy, -3]
			],
			wide: 2,
			tone: at === 0 && !isLast ? 'film-other' : 'weft',
			isClosed: true
		};
	});
	const [hx, hy] = isIn ? [into - 5, rowFoot + 5] : [tip, hookY];
	const strand: Rope = isOver
		? {
				points: [
					[-6, 30, -3],
					[hx - 14, hy + 12, -4],
					[hx + 5, hy + 7, -4],
					[hx + 7, hy - 3, 1],
					[hx + 3, hy - 4, 5],
					[hx - 2, hy + 5, 5],
					[hx - 10, hy + 14, 1],
					[isLast ? into : from - 4, top + 8, -4]
				],
				wide: 2,
				tone: 'weft'
			}
		: {
				points: [
					[-6, 30, -4],
					[16, 34, -4],
					[Math.min(hx - 8, from - 30), top + 12, -4],
					[from - 4, top + 8, -4]
				],
				wide: 2,
				tone: 'weft'
			};
	return {
		below: Array.from({ length: places }, (_, place) =>
			topOf(placeX(place), rowFoot, 'film-other')
		),
		stitches: Array.from({ length: stands }, (_, place) =>
			standingStitch(stitch, place, place < done ? 'film-other' : 'weft')
		),
		hook,
		loops: onHook,
		strand
	};
}

/**
 * The first row worked into its chain: the chain's links from the slip knot, and where each stitch stands.
 *
 * @param stitches of the row, whole, 1 or more
 * @param turning chains that stand in for the height
 * @param worked how many stitches stand already
 * @returns links in all, and the link each stitch stands in, counted from the hook, from 1
 * @example chainRow(5, 1, 2).into // [2, 3]
 */
export const chainRow = (stitches: number, turning: number, worked: number) => ({
	links: stitches + turning,
	into: Array.from({ length: Math.min(worked, stitches) }, (_, nth) => turning + 1 + nth)
});

/**
 * A row's end and its turn: links of the turning chain stand at the edge, and the next row begins in the first place.
 *
 * @param stitches of the row
 * @param worked how many of the next row stand
 * @param skips places left out at its beginning: none in a good row
 * @example turnedRow(6, 1, 6, 0).next.length // 6
 */
export const turnedRow = (stitches: number, turning: number, worked: number, skips: number) => ({
	first: Array.from({ length: stitches }, (_, place) => place),
	links: turning,
	next: Array.from({ length: Math.min(worked, stitches - skips) }, (_, nth) => nth + skips)
});

/**
 * A slip knot on its way: a loop is laid, the ball's side crosses on top and is led on behind it, and drawn up through
 * it as a new loop.
 *
 * @param drawn how far the new loop is drawn up, 0 to 1
 * @example slipKnot(0).points.length // 18
 */
export function slipKnot(drawn: number): Rope {
	const bight = (x: number, y: number, toX: number, toY: number): Point => [
		x + drawn * (toX - x),
		y + drawn * (toY - y)
	];
	const up = -3 + 8 * drawn;
	const [a, b, c] = [bight(63, 40, 74, 32), bight(62, 34, 104, 30), bight(61, 28, 74, 27)];
	return {
		points: [
			[-6, 58, 0],
			[26, 57, 0],
			[50, 52, 0],
			[68, 47, 0],
			[76, 34, 0],
			[68, 20, 0],
			[56, 18, 0],
			[45, 28, 0],
			[45, 44, 1],
			[54, 58, 3],
			[66, 58, -2],
			[64, 46, -3],
			[a[0], a[1], up],
			[b[0], b[1], up],
			[c[0], c[1], up],
			[60, 22, -3],
			[60, 8, -3],
			[62, -8, -3]
		],
		wide: 2.6,
		tone: 'film-other'
	};
}

/** The new ball's beginning and the last ring of the old strand, on their way to be joined. */
export interface BallJoin {
	readonly last: Rope;
	readonly first: Rope;
	/** Where the ball is, and half as wide as it is drawn. */
	readonly ball: Point;
	readonly radius: number;
}

/**
 * The last ring goes through the new ball's first ring, and the whole ball through the last ring's eye.
 *
 * @param stage 0 beside each other, 1 the last ring through the first, 2 the ball through the last ring, 3 drawn snug
 * @example ballJoin(0).ball // [98, 36]
 */
export function ballJoin(stage: 0 | 1 | 2 | 3): BallJoin {
	const lastEnds: readonly number[] = [40, 66, 66, 52];
	const x = lastEnds[stage] ?? 40;
	const half = stage === 3 ? 5 : 13;
	const first = stage === 0 ? 56 : stage === 3 ? 46 : 50;
	const ball: readonly Point[] = [
		[98, 36],
		[98, 52],
		[30, 36],
		[100, 36]
	];
	const [bx, by] = ball[stage] ?? [98, 36];
	return {
		last: {
			points: [
				[-8, 36 - half * 0.6, 0],
				[20, 36 - half, 0],
				[x - 10, 36 - half, stage === 0 ? 0 : 2],
				[x, 36, stage === 0 ? 0 : 2],
				[x - 10, 36 + half, stage === 0 ? 0 : 2],
				[20, 36 + half, 0],
				[-8, 36 + half * 0.6, 0]
			],
			wide: 3,
			tone: 'film-other'
		},
		first: {
			points:
				stage === 3
					? [
							[first, 30, 3],
							[58, 31, 3],
							[84, 34, 3],
							[84, 38, 3],
							[58, 41, -3],
							[first, 42, -3],
							[first - 5, 36, 0]
						]
					: [
							[first, 28, 3],
							[first + 14, 27, 1],
							[bx - 6, by - 4, 1],
							[bx - 6, by + 4, -1],
							[first + 14, 45, -1],
							[first, 44, -3],
							[first - 6, 36, 0]
						],
			wide: 3,
			tone: 'weft',
			isClosed: true
		},
		ball: [bx, by],
		radius: 15
	};
}
