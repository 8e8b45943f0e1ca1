/**
 * How a count becomes whole. A mat has whole stitches and rows; a spread is propagated on the
 * smooth relation, because a step says nothing of a slope.
 */
export interface Rounding {
	readonly nearest: (x: number) => number;
	readonly down: (x: number) => number;
}

const same = (x: number): number => x;

export const whole: Rounding = { nearest: Math.round, down: Math.floor };
export const smooth: Rounding = { nearest: same, down: same };

/**
 * Whole ones in a measured quantity, with a grain of floating point to spare.
 *
 * @example wholeIn(0.3 / 0.1) // 3
 */
export const wholeIn = (quantity: number): number => Math.floor(quantity + 1e-9);

/**
 * The whole ones that a quantity takes, a begun one among them, with a grain of floating point to spare.
 *
 * @example [atLeastWhole(2.0000000001), atLeastWhole(2.1)] // [2, 3]
 */
export const atLeastWhole = (quantity: number): number => Math.ceil(quantity - 1e-9);
