import type { Point3, Rope } from '../drawing/rope';
import type { Tone } from '../drawing/scene';

const steps = (count: number): number[] => Array.from({ length: count + 1 }, (_, at) => at / count);

/**
 * The line of an overhand knot: in from the left, once round and through itself, out to the right. It is a trefoil
 * cut open at one of its three leaves.
 *
 * @param size how far the knot is drawn together: 1 loose, near 0 tight; above 0
 * @param aside moves the line sideways of its way, for a second strand beside it
 */
function overhandLine(size: number, aside: number): Point3[] {
	const [from, to] = [Math.PI + 0.6, 3 * Math.PI - 0.6];
	const knot = steps(20).map((share): Point3 => {
		const t = from + share * (to - from);
		// Seen with its open leaf down.
		const x = Math.sin(t) + 2 * Math.sin(2 * t);
		const y = Math.cos(t) - 2 * Math.cos(2 * t);
		const [dx, dy] = [Math.cos(t) + 4 * Math.cos(2 * t), -Math.sin(t) + 4 * Math.sin(2 * t)];
		const long = Math.hypot(dx, dy) || 1;
		const scale = 9 * size;
		return [
			60 + scale * x - (aside * dy) / long,
			30 - scale * y - (aside * dx) / long,
			-2.2 * Math.sin(3 * t)
		];
	});
	return knot;
}

/**
 * Two ends laid side by side and tied as one, with an overhand knot: the strands come from left and right, the tails
 * stand up together.
 *
 * @param until how far the ends have gone round, 0 to 1
 * @param size 1 loose, near 0 tight; above 0
 * @example overhandPair(1, 1).length // 2
 */
export function overhandPair(until: number, size: number): [Rope, Rope] {
	const strand = (aside: number, tone: Tone, side: 1 | -1): Rope => {
		const line = overhandLine(size, aside);
		const [first, last] = [line[0] ?? [60, 36, 0], line.at(-1) ?? [60, 36, 0]];
		const foot = Math.max(first[1], last[1]) + 6;
		return {
			points: [
				[60 + side * 72, foot + 8, first[2]],
				[60 + side * 40, foot + 6, first[2]],
				[first[0] + side * 6, foot + 2, first[2]],
				...line,
				[last[0] + 1, last[1] + 7, last[2]],
				[last[0] + 3, last[1] + 14, last[2]]
			],
			wide: 3,
			tone,
			until
		};
	};
	return [strand(-1.9, 'film-other', -1), strand(1.9, 'weft', 1)];
}

/**
 * Two plies twisted about each other.
 *
 * @param turns how often each goes right round, 0 or more
 * @param apart how far from their middle they lie
 * @example plied(3, 2, 10, 110, 36).length // 2
 */
export function plied(
	turns: number,
	apart: number,
	left: number,
	right: number,
	y: number,
	tones: readonly [Tone, Tone] = ['film-other', 'weft']
): [Rope, Rope] {
	const ply = (half: 0 | 1): Rope => ({
		points: steps(64).map((share): Point3 => {
			const angle = 2 * Math.PI * turns * share + half * Math.PI;
			return [
				left + share * (right - left),
				y + apart * Math.cos(angle),
				Math.max(0.4, apart) * Math.sin(angle)
			];
		}),
		wide: Math.max(1.8, 1.5 * apart),
		tone: tones[half]
	});
	return [ply(0), ply(1)];
}

/**
 * A chain of stitches, each loop drawn up through the one before it, from left to right.
 *
 * @param stitches whole, 1 or more
 * @param until how much of it is worked, 0 to 1
 * @param pitch how far a stitch takes it
 * @example chain(3, 1, 14, 12, 36).points.length // 26
 */
export function chain(
	stitches: number,
	until: number,
	pitch: number,
	left: number,
	y: number
): Rope {
	const loops = Array.from({ length: stitches }, (_, at): Point3[] => {
		const base = left + at * pitch;
		const half = 0.42 * pitch;
		return [
			[base, y, -1.6],
			[base + 0.2 * pitch, y - 0.4 * half, 0],
			[base + 0.7 * pitch, y - half, 1.3],
			[base + 1.3 * pitch, y - 0.75 * half, 0.2],
			[base + 1.55 * pitch, y, -0.2],
			[base + 1.3 * pitch, y + 0.75 * half, 0.2],
			[base + 0.7 * pitch, y + half, 1.3],
			[base + 0.2 * pitch, y + 0.4 * half, 0]
		];
	});
	const end = left + stitches * pitch;
	return {
		points: [[left - 16, y, -1.6], ...loops.flat(), [end, y, -1.8]],
		wide: 0.24 * pitch,
		tone: 'film-other',
		until
	};
}

/**
 * Strand wound about a ball so far as it is seen: turns round it, each laid a little aslant of the one before.
 *
 * @param radius of the ball
 * @param turns whole, how many are seen
 * @example woundBall([60, 36], 20, 5).length // 5
 */
export const woundBall = (
	[x, y]: readonly [number, number],
	radius: number,
	turns: number
): Rope[] =>
	Array.from({ length: turns }, (_, turn): Rope => {
		// The golden angle spreads so few turns over a ball without two lying alike.
		const tilt = turn * 2.39996;
		const lean = 0.35 + 0.5 * ((turn * 0.618) % 1);
		return {
			points: steps(8).map((share): Point3 => {
				const angle = Math.PI * share;
				const [along, across] = [radius * Math.cos(angle), radius * lean * Math.sin(angle)];
				return [
					x + along * Math.cos(tilt) - across * Math.sin(tilt),
					y + along * Math.sin(tilt) + across * Math.cos(tilt),
					turn
				];
			}),
			wide: 2.6,
			tone: turn % 2 === 0 ? 'film-other' : 'film'
		};
	});
