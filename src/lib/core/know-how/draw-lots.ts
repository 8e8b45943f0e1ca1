import type { Rng } from '../statistics/rng';

/**
 * A whole number by chance, both ends among them.
 * @example wholeFrom(() => 0.5, 1, 6) // 4
 */
export const wholeFrom = (rng: Rng, least: number, most: number): number =>
	least + Math.floor(rng() * (most - least + 1));

/**
 * So many of some numbers in rising order, no two alike, the first of them surely among them.
 * @example someOf(() => 0, [5, 1, 3], 2) // [1, 5]
 */
export function someOf(rng: Rng, all: readonly number[], count: number): number[] {
	const [first = 0, ...others] = [...new Set(all)];
	const left = [...others];
	const taken = [first];
	while (taken.length < count && left.length > 0)
		taken.push(...left.splice(Math.floor(rng() * left.length), 1));
	return taken.toSorted((one, other) => one - other);
}
