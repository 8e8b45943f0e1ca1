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

/**
 * The new ring alone, at a stage of the joint: about something else that is held.
 * @example newRingAt(0, onTable).points.length // 16
 */
export const newRingAt = (stage: number, place: RingPlace): Rope => ({
	points: ring(newRing[Math.max(0, Math.min(jointStages - 1, stage))] ?? [], place),
	wide: 3.6,
	tone: 'weft',
	isClosed: true
});

const oldRing = (half: number, neck: number, reach: number): Open[] => [
	[-reach, 0, 0],
	[-reach + 6, half, 0],
	[-0.67 * reach, half, 0],
	[-0.4 * reach, half, 0],
	[-0.22 * reach, half, 0],
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
 * @param reach how long the lying ring is: beyond the picture where left out
 * @example loopJoint(7, onTable, 0)[1].points.length // 16
 */
export function loopJoint(stage: number, place: RingPlace, bow: number, reach = 90): [Rope, Rope] {
	const isSnug = stage >= jointStages - 1;
	const profile = newRing[Math.max(0, Math.min(jointStages - 1, stage))] ?? [];
	const [half, neck] = isSnug ? [6.5, 7.5] : [11, 11];
	return [
		{
			points: ring(oldRing(half, neck, reach), place),
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

/** The new ring put through the other's eye to its half: one half of it on each side. */
const halfThrough: readonly Open[] = [
	[32, 0, -1],
	[28, 4, -1],
	[17, 4, -1],
	[6, 4, -1],
	[-5, 4, 0.4],
	[-14, 4, 1],
	[-22, 4, 1],
	[-29, 3.5, 1],
	[-33, 0, 1]
];

/**
 * The same joint as a T: the new ring is put through the open eye to its half, goes about its far side, and slides to its end.
 *
 * @param stage as `loopJoint`; at 1 the new ring lies half through
 * @example teeJoint(7)[0].isClosed // true
 */
export function teeJoint(stage: number): [Rope, Rope] {
	const place: RingPlace = { at: [74, 32], turn: 3, scale: 0.62 };
	const [, fresh] = loopJoint(stage, place, 0);
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
		stage === 1 ? { ...fresh, points: ring(halfThrough, place) } : fresh
	];
}

/** A ring hung over an arm that lies across: down before it and up behind it, so long. */
const hung = (x: number, long: number, tone: Rope['tone']): Rope => ({
	points: [
		[x - 1, 15, 5],
		[x + 2, 24, 6],
		[x + 2, 33, 6],
		[x + 2, 36 + 0.5 * long, 3],
		[x, 36 + long, 0],
		[x - 3, 36 + 0.5 * long, -3],
		[x - 4, 33, -6],
		[x - 4, 24, -6],
		[x - 3, 15, -5]
	],
	wide: 3.2,
	tone,
	isClosed: true
});

/** Where the arms lie that two rings hang on, and how low the rings reach. */
export const wrists = { left: 30, right: 92, arm: 24, low: 62 } as const;

/**
 * Two loose rings over the wrists: hung, one on each arm; then drawn off over the hands, each through the other and through itself.
 *
 * @param stage 0 hung, 1 drawn off, 2 snug
 * @example wristJoint(2).length // 2
 */
export function wristJoint(stage: 0 | 1 | 2): [Rope, Rope] {
	if (stage > 0)
		return loopJoint(
			stage === 1 ? 6 : jointStages - 1,
			{ at: [58, 36], turn: 0, scale: 0.95 },
			0,
			44
		);
	return [hung(wrists.left, 26, 'film-other'), hung(wrists.right, 26, 'weft')];
}

/** A strip of cloth that ends in a slit: the slit's rim, and the strip from there. */
export interface SlitStrip {
	readonly slit: Rope;
	readonly strip: Rope;
}

const slitRim = (x: number, z: number, tone: Rope['tone']): Rope => ({
	points: [
		[x - 13, 36, z],
		[x - 8, 31.5, z],
		[x, 31, z],
		[x + 8, 31.5, z],
		[x + 13, 36, z],
		[x + 8, 40.5, z],
		[x, 41, z],
		[x - 8, 40.5, z]
	],
	wide: 4,
	tone,
	isClosed: true
});

/**
 * Two strips joined by slits: the new slit on the old one, its own far end up through both, drawn flat.
 *
 * @param stage 0 beside each other, 1 slit on slit, 2 the far end up through both, 3 drawn flat
 * @example slitJoint(3).fresh.slit.isClosed // true
 */
export function slitJoint(stage: 0 | 1 | 2 | 3): {
	readonly old: SlitStrip;
	readonly fresh: SlitStrip;
} {
	const at = stage === 0 ? 88 : stage === 3 ? 58 : 60;
	const strip = (points: readonly Point3[], tone: Rope['tone']): Rope => ({
		points,
		wide: 8,
		tone
	});
	const lies: readonly Point3[] = [
		[at + 15, 36, 2],
		[at + 24, 36, 2],
		[112, 36, 2],
		[126, 36, 2]
	];
	const through: readonly Point3[] = [
		[at + 15, 36, 2],
		[at + 26, 38, 0],
		[at + 30, 50, -5],
		[at + 14, 54, -5],
		[at + 1, 42, -4],
		[at, 36, 0],
		[at + 2, 24, 7],
		[at + 20, 12, 7],
		[126, 10, 7]
	];
	const drawn: readonly Point3[] = [
		[at + 15, 36, 2],
		[at + 17, 37, 0],
		[at + 16, 38, -4],
		[at + 8, 38, -5],
		[at + 1, 37, -4],
		[at, 36, 0],
		[at + 4, 35, 6],
		[at + 24, 35, 6],
		[126, 35, 6]
	];
	return {
		old: {
			slit: slitRim(58, 0, 'film-other'),
			strip: strip(
				[
					[45, 36, 0],
					[30, 36, 0],
					[8, 36, 0],
					[-8, 36, 0]
				],
				'film-other'
			)
		},
		fresh: {
			slit: slitRim(at, 2, 'weft'),
			strip: strip(stage < 2 ? lies : stage === 2 ? through : drawn, 'weft')
		}
	};
}
