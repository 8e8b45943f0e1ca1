import type { Crossing, Rope } from '../drawing/rope';
import { crossingsOf, ropeLine } from '../drawing/rope';

/** How a strand passes another: nearer to the eye, or farther from it. */
export type Pass = 'over' | 'under';

/** One crossing of a strand, in the order it meets them. */
export interface Met {
	readonly other: number;
	readonly pass: Pass;
	readonly sign: 1 | -1;
	readonly x: number;
	readonly y: number;
}

/**
 * What a strand meets on its way, read off the drawing: each strand it crosses, itself among them, and whether over or under.
 *
 * @param which of the ropes, from 0
 * @example metBy([{ points: [[0, 1, 1], [2, 1, 1]], wide: 1, tone: 'film' }, { points: [[1, 0, 0], [1, 2, 0]], wide: 1, tone: 'film' }], 0).map(({ pass }) => pass) // ['over']
 */
export function metBy(ropes: readonly Rope[], which: number): Met[] {
	const closed = ropes.map(({ isClosed = false, until = 1 }) => isClosed && until >= 1);
	const met = ({ over, under, sign, x, y }: Crossing): (Met & { readonly at: number })[] => [
		...(over.rope === which
			? [{ at: over.at, other: under.rope, pass: 'over' as const, sign, x, y }]
			: []),
		...(under.rope === which
			? [{ at: under.at, other: over.rope, pass: 'under' as const, sign, x, y }]
			: [])
	];
	return crossingsOf(ropes.map(ropeLine), closed)
		.flatMap(met)
		.toSorted((one, other) => one.at - other.at)
		.map(({ other, pass, sign, x, y }) => ({ other, pass, sign, x, y }));
}

/**
 * Over and under in the order a strand meets some others; those that lie as one bundle count once.
 *
 * @param of which others count, and which bundle each belongs to: one number a bundle; null for what does not count
 * @example passesOf([{ points: [[0, 1, 1], [2, 1, 1]], wide: 1, tone: 'film' }, { points: [[1, 0, 0], [1, 2, 0]], wide: 1, tone: 'film' }], 0, () => 0) // ['over']
 */
export function passesOf(
	ropes: readonly Rope[],
	which: number,
	of: (other: number) => number | null
): Pass[] {
	const passes: Pass[] = [];
	let [last, before]: [number | null, Pass | null] = [null, null];
	for (const { other, pass } of metBy(ropes, which)) {
		const bundle = of(other);
		if (bundle === null) continue;
		if (bundle === last && pass === before) continue;
		passes.push(pass);
		[last, before] = [bundle, pass];
	}
	return passes;
}
