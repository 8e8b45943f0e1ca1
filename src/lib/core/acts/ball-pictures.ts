import type { Point3, Rope } from '../drawing/rope';
import type { Point } from '../drawing/smooth-line';
import { plied } from './strand-curves';

/** Where the two fingers stand that a ball is begun on. */
export const fingersAt = [42, 78] as const;

/**
 * Strand wound in plain rounds about two fingers: before both, and back behind both.
 *
 * @param rounds whole, 1 or more
 * @param until how much of it is wound, 0 to 1
 * @example roundsOnFingers(10, 1).points.length // 81
 */
export const roundsOnFingers = (rounds: number, until: number): Rope => ({
	points: Array.from({ length: 8 * rounds + 1 }, (_, at): Point3 => {
		const angle = Math.PI / 2 - (2 * Math.PI * at) / 8;
		return [60 + 26 * Math.cos(angle), 64 - (at / (8 * rounds)) * 46, 7 * Math.sin(angle)];
	}),
	wide: 1.1,
	tone: 'film-other',
	until
});

/** A winder on the table's edge: its spool, its guide, its crank, and the strand on its way. */
export interface Winder {
	readonly spool: { readonly at: Point; readonly foot: number; readonly head: number };
	/** How far the ball has grown. */
	readonly ballRadius: number;
	readonly guideEye: Point;
	readonly crank: { readonly at: Point; readonly handle: Point; readonly degrees: number };
	readonly strand: readonly Point[];
}

/** Rounds of the spool to a turn of the crank. */
const roundsOfCrank = 4;

/**
 * A winder after so many rounds of strand: each turns the crank a little on, and the ball grows.
 *
 * @param rounds 0 or more
 * @example winderAfter(4).crank.degrees // 360
 */
export function winderAfter(rounds: number): Winder {
	const degrees = (360 * rounds) / roundsOfCrank;
	const angle = (degrees * Math.PI) / 180;
	const crank: Point = [30, 46];
	const guideEye: Point = [96, 16];
	const ballRadius = 5 + 1.6 * Math.sqrt(rounds);
	return {
		spool: { at: [60, 30], foot: 48, head: 12 },
		ballRadius,
		guideEye,
		crank: {
			at: crank,
			handle: [crank[0] + 11 * Math.cos(angle), crank[1] + 11 * Math.sin(angle)],
			degrees
		},
		strand: [[60 + ballRadius * 0.7, 30], [78, 24], guideEye, [122, 30]]
	};
}

/** Places of a spindle that hangs: where the strand is tied, the notch of its disc, the hook at its tip, the fingers. */
export interface HangingSpindle {
	readonly shaft: Point;
	readonly notch: Point;
	readonly hook: Point;
	readonly fingers: Point;
	readonly foot: Point;
	/** The strand from the shaft by the notch into the hook and up to the fingers. */
	readonly strand: readonly Point3[];
	/** How thick the strand lies wound below the disc. */
	readonly wound: number;
}

/**
 * A spindle hanging from the fingers, so far down.
 *
 * @param drop how far it hangs below the fingers, 0 to 1
 * @param wound how much is wound on, 0 to 1
 * @example hangingSpindle(1, 0).hook[1] < hangingSpindle(1, 0).notch[1] // true
 */
export function hangingSpindle(drop: number, wound: number): HangingSpindle {
	const x = 60;
	const tip = 14 + 12 * drop;
	const [hook, notch, shaft]: Point[] = [
		[x, tip],
		[x + 9, tip + 9],
		[x, tip + 15]
	];
	const fingers: Point = [x, 6];
	if (!hook || !notch || !shaft) throw new RangeError('a spindle has a shaft');
	return {
		shaft,
		notch,
		hook,
		fingers,
		foot: [x, tip + 42],
		strand: [
			[shaft[0], shaft[1], 2],
			[notch[0], notch[1], 2],
			[hook[0], hook[1], 2],
			[fingers[0], fingers[1], 2]
		],
		wound: 2 + 7 * wound
	};
}

/**
 * Two plies twisted about each other from one place up to another.
 *
 * @param turns how often each goes right round; below 0 the other way
 * @example twistedUp(3, 60, 40, 6, 2).length // 2
 */
export const twistedUp = (
	turns: number,
	x: number,
	foot: number,
	head: number,
	apart: number
): Rope[] =>
	// Lying across, and stood up: that turns it the other way.
	plied(-turns, apart, foot, head, x, ['film-other', 'film-other']).map((ply) => ({
		...ply,
		points: ply.points.map(([along, across, z]): Point3 => [across, along, z])
	}));
