import type { Bag } from './measure-bag';

/** Sizes as far apart as a ruler may have them; masses as far as two handfuls may. */
const sizes = ['flatWidthMm', 'gussetMm', 'bodyMm', 'handleMm'] as const;
const rulerMm = 3;
const massShare = 0.15;

/** Sizes a few per cent apart, and masses a quarter: another bag perhaps, or the same measured in a hurry. */
const nearShare = 0.05;
const nearMassShare = 0.25;

/**
 * The kind that a bag nearly fits, where it is of none: all sizes within a few per cent, the mass
 * within a quarter, and of several the nearest in mass. Null where it fits one, or none nearly.
 * @example kindNearBag({ ...bagPresets[0].bag, flatWidthMm: 306 }, [{ ...bagPresets[0].bag, name: 'Thin carrier' }])?.name // 'Thin carrier'
 */
export function kindNearBag<Kind extends Bag>(bag: Bag, kinds: readonly Kind[]): Kind | null {
	if (kindOfBag(bag, kinds)) return null;
	const off = (kind: Bag) => Math.abs(Math.log(kind.massG / bag.massG));
	const near = kinds.filter(
		(kind) =>
			sizes.every(
				(size) =>
					Math.abs(kind[size] - bag[size]) <=
					Math.max(rulerMm, nearShare * Math.max(kind.flatWidthMm, kind.bodyMm))
			) && off(kind) <= Math.log1p(nearMassShare)
	);
	return near.sort((a, b) => off(a) - off(b))[0] ?? null;
}

/**
 * The kind a bag is of, by its measures: all within a ruler's slack and the mass within a handful's,
 * and of several such the nearest in mass. Null where none is.
 * @example kindOfBag(bagPresets[1].bag, [{ ...bagPresets[0].bag, name: 'Thin carrier' }]) // null
 */
export function kindOfBag<Kind extends Bag>(bag: Bag, kinds: readonly Kind[]): Kind | null {
	const off = (kind: Bag) => Math.abs(Math.log(kind.massG / bag.massG));
	const same = kinds.filter(
		(kind) =>
			sizes.every((size) => Math.abs(kind[size] - bag[size]) <= rulerMm) &&
			off(kind) <= Math.log1p(massShare)
	);
	return same.sort((a, b) => off(a) - off(b))[0] ?? null;
}
