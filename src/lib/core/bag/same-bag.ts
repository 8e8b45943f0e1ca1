import type { Bag } from './measure-bag';

/** Sizes as far apart as a ruler may have them; masses as far as two handfuls may. */
const rulerMm = 3;
const massShare = 0.15;

/**
 * The kind a bag is of, by its measures: all within a ruler's slack and the mass within a handful's,
 * and of several such the nearest in mass. Null where none is.
 */
export function kindOfBag<Kind extends Bag>(bag: Bag, kinds: readonly Kind[]): Kind | null {
	const sizes = ['flatWidthMm', 'gussetMm', 'bodyMm', 'handleMm'] as const;
	const off = (kind: Bag) => Math.abs(Math.log(kind.massG / bag.massG));
	const same = kinds.filter(
		(kind) =>
			sizes.every((size) => Math.abs(kind[size] - bag[size]) <= rulerMm) &&
			off(kind) <= Math.log1p(massShare)
	);
	return same.sort((a, b) => off(a) - off(b))[0] ?? null;
}
