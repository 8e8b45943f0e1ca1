import type { Point3, Rope } from '../drawing/rope';

/** A place along a ring that lies flat: along it, half as wide as it lies open, and how high. */
type Open = readonly [along: number, half: number, z: number];

/** How a ring is laid down: where its `along` and its `half` point, from its place. */
export interface RingPlace {
	readonly at: readonly [number, number];
	/** Quarter turns by the clock: 0 along to the right, 1 down, 2 left, 3 up. */
	readonly turn: 0 | 1 | 2 | 3;
	/** Drawing units a unit along. */
	readonly scale: number;
}

/** A ring from its profile: the first and the last place are its two ends. `bow` lifts one of its sides out. */
function ring(profile: readonly Open[], { at, turn, scale }: RingPlace, bow = 0): Point3[] {
	const [cos, sin] = (
		[
			[1, 0],
			[0, 1],
			[-1, 0],
			[0, -1]
		] as const
	)[turn];
	const place = (along: number, half: number, z: number): Point3 => [
		at[0] + scale * (cos * along - sin * half),
		at[1] + scale * (sin * along + cos * half),
		z
	];
	const inner = profile.slice(1, -1);
	const [first, last] = [profile[0], profile.at(-1)];
	if (!first || !last) return [];
	return [
		place(...first),
		...inner.map(([along, half, z], nth) =>
			place(along, -half - (nth < 2 ? bow * (nth + 1) * 0.5 : 0), z)
		),
		place(...last),
		...inner.toReversed().map(([along, half, z]) => place(along, half, z))
	];
}

/**
 * The new ring on its way through the one that lies there, whose end's outermost strand stands at 0 and whose eye
 * lies before it: from its far end to the end that goes through.
 */
const newRing: readonly (readonly Open[])[] = [
	// Beside it.
	[59, 55, 47, 39, 31, 23, 15, 10, 7].map((along, nth, all): Open => [
		along,
		nth === 0 || nth === all.length - 1 ? 0 : 4,
		-2
	]),
	// Its end under the other’s end, and up through the eye.
	[
		[44, 0, -1],
		[39, 4, -1],
		[23, 4, -1],
		[7, 4, -1],
		[-7, 4, -0.6],
		[-15, 4.5, 0.3],
		[-23, 4.5, 0.8],
		[-30, 3.5, 1],
		[-33, 0, 1]
	],
	// The end laid back over the other’s end, opened.
	[
		[48, 0, -1],
		[43, 3.5, -1],
		[26, 3.5, -1],
		[-4, 3.6, -1],
		[-11, 4.5, 0],
		[-6, 7.5, 1],
		[7, 10.5, 1.8],
		[16, 8, 2],
		[19, 0, 2.2]
	],
	// The far end brought back below it, under the opened end.
	[
		[9, 0, -1],
		[15, 4, -1.5],
		[28, 8, -1.5],
		[5, 5, -1],
		[-11, 4.5, 0],
		[-6, 7.5, 1],
		[7, 10.5, 1.8],
		[16, 8.5, 2],
		[20, 0, 2.2]
	],
	// Up through the opened end.
	[
		[12, 0, 4.4],
		[10, 3.5, 3.2],
		[22, 6, -1.5],
		[4, 4.5, -1],
		[-11, 4.5, 0],
		[-6, 7.5, 1],
		[7, 10.5, 1.8],
		[16, 8.5, 2],
		[20, 0, 2.2]
	],
	[
		[15, 0, 4.6],
		[10, 3.5, 4],
		[10, 5, 2.6],
		[3, 4, -1],
		[-11, 4.5, 0],
		[-6, 7.5, 1],
		[7, 10.5, 1.8],
		[16, 8.5, 2],
		[20, 0, 2.2]
	],
	// Drawn through.
	[
		[47, 0, 4.2],
		[41, 3.5, 4.2],
		[13, 3.5, 3.6],
		[2.5, 3.6, -0.9],
		[-10, 4.5, 0],
		[-6, 7, 1],
		[6, 9.5, 1.8],
		[15, 7.5, 2],
		[18, 0, 2.2]
	],
	// Snug.
	[
		[59, 0, 3.2],
		[52, 3.5, 3.2],
		[11, 3, 3.2],
		[2.5, 2.6, -0.9],
		[-5, 3.6, -0.2],
		[-2.5, 5.6, 0.9],
		[3.5, 6.6, 1.5],
		[7.5, 5, 1.7],
		[9.5, 0, 1.9]
	]
];

/** Where a joint is drawn that lies on the table: in the middle of a sketch, the strand from the left. */
export const onTable: RingPlace = { at: [57, 36], turn: 0, scale: 1 };

/** How far the joint is made: so many of these. */
export const jointStages = newRing.length;

const oldRing = (half: number, neck: number): Open[] => [
	[-90, 0, 0],
	[-84, half, 0],
	[-60, half, 0],
	[-36, half, 0],
	[-20, half, 0],
	[-8, neck, 0],
	[-1.5, neck * 0.62, 0],
	[0, 0, 0]
];

/**
 * Two rings on their way to be joined, one through the other and back through itself: the one that lies there,
 * and the new one.
 *
 * @param stage how far, from 0, beside each other, to `jointStages` − 1, snug; whole
 * @param place where the outermost strand of the lying ring stands, and which way it points
 * @param bow how far one side of the new ring is longer than the other; none in a good joint
 * @example loopJoint(7, onTable, 0)[1].points.length // 16
 */
export function loopJoint(stage: number, place: RingPlace, bow: number): [Rope, Rope] {
	const isSnug = stage >= jointStages - 1;
	const profile = newRing[Math.max(0, Math.min(jointStages - 1, stage))] ?? [];
	const [half, neck] = isSnug ? [6.5, 7.5] : [11, 11];
	return [
		{
			points: ring(oldRing(half, neck), place),
			wide: 3.6,
			tone: 'film-other',
			isClosed: true
		},
		{
			points: ring(profile, place, bow),
			wide: 3.6,
			tone: 'weft',
			isClosed: true
		}
	];
}

/**
 * The same joint as a T: the new ring goes about the far side of the one that lies there, and slides to its end.
 *
 * @param stage as `loopJoint`
 * @example teeJoint(7)[0].isClosed // true
 */
export function teeJoint(stage: number): [Rope, Rope] {
	const [, fresh] = loopJoint(stage, { at: [74, 32], turn: 3, scale: 0.62 }, 0);
	return [
		{
			points: [
				[-20, 32, 0],
				[20, 32, 0],
				[60, 32, 0],
				[90, 32, 0],
				[101, 35, 0],
				[105, 45, 0],
				[101, 55, 0],
				[90, 58, 0],
				[60, 58, 0],
				[20, 58, 0],
				[-20, 58, 0]
			],
			wide: 3.6,
			tone: 'film-other',
			isClosed: true
		},
		fresh
	];
}
