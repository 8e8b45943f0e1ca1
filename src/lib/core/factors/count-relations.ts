import type { Rounding } from './rounding';

/** How many of a kind make up a length: at least one. */
export const countRelations = {
	nearest: (lengthMm: number, eachMm: number, round: Rounding) =>
		Math.max(1, round.nearest(lengthMm / eachMm)),
	within: (lengthMm: number, eachMm: number, round: Rounding) =>
		Math.max(1, round.down(lengthMm / eachMm))
};
