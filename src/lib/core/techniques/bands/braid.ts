import { within } from '../../domain-error';

/**
 * Where the strands lie after so many crossings of the turning braid, from left to right, named by
 * the place they began at (from 0). Each crossing swaps two neighbours: in turn the rightmost pair
 * and the leftmost pair. With three strands, three crossings put the outer two in each other's place
 * and six bring all three home.
 *
 * @param strands 3 or 4
 * @param crossings a whole number from 0 to 10 000
 * @throws DomainError
 * @example braid(3, 2) // [2, 0, 1]
 */
export function braid(strands: number, crossings: number): number[] {
	within('strands', strands, { atLeast: 3, atMost: 4, isWhole: true });
	within('crossings', crossings, { atLeast: 0, atMost: 10_000, isWhole: true });
	const order = Array.from({ length: strands }, (_, place) => place);
	for (let crossing = 0; crossing < crossings; crossing++) {
		const [left, right] = pairOf(strands, crossing);
		[order[left], order[right]] = [order[right] as number, order[left] as number];
	}
	return order;
}

/**
 * The two places that crossing number `crossing` (from 0) swaps.
 *
 * @example [pairOf(3, 0), pairOf(3, 1)] // [[1, 2], [0, 1]]
 */
export const pairOf = (strands: number, crossing: number): [number, number] =>
	crossing % 2 === 0 ? [strands - 2, strands - 1] : [0, 1];

/**
 * Crossings after which every strand is home again: 6 for three strands, 4 for four.
 *
 * @example [crossingsHome(3), crossingsHome(4)] // [6, 4]
 */
export function crossingsHome(strands: number): number {
	const isHome = (order: readonly number[]) => order.every((strand, place) => strand === place);
	let crossings = 1;
	while (!isHome(braid(strands, crossings))) crossings++;
	return crossings;
}
