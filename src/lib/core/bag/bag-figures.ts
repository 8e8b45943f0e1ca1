import type { Bag } from './measure-bag';

/** The five measures of a bag in the order they are written where a bag is one text: mm, and g. */
const measures = ['flatWidthMm', 'gussetMm', 'bodyMm', 'handleMm', 'massG'] as const;
export const bagFigureCount = measures.length;

/**
 * A bag as its five figures: flat width, gusset, body and handle, mm, and its mass, g.
 *
 * @example figuresOfBag(bagPresets[0].bag) // [300, 80, 385, 150, 5.2]
 */
export const figuresOfBag = (bag: Bag): number[] => measures.map((measure) => bag[measure]);

/**
 * The bag of five figures, in that order; what is missing is 0.
 *
 * @example bagOfFigures([300, 80, 385, 150, 5.2]).massG // 5.2
 */
export function bagOfFigures([
	flatWidthMm = 0,
	gussetMm = 0,
	bodyMm = 0,
	handleMm = 0,
	massG = 0
]: readonly number[]): Bag {
	return { flatWidthMm, gussetMm, bodyMm, handleMm, massG };
}

/**
 * Whether two bags have the very same measures; what a ruler may differ by is `kindOfBag`'s.
 *
 * @example isVeryBag(bagPresets[0].bag, { ...bagPresets[0].bag }) // true
 */
export const isVeryBag = (one: Bag, other: Bag): boolean =>
	measures.every((measure) => one[measure] === other[measure]);
