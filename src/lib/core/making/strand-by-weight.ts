import { within } from '../domain-error';
import { z90 } from '../statistics/z90';

/** Strand that is left, m, with its 80 % interval. */
export interface StrandByWeight {
	readonly expected: number;
	readonly low: number;
	readonly high: number;
}

/**
 * Strand left on a ball by its weight, without unwinding it.
 *
 * @param massG what the scale shows, 0 or more
 * @param ktex linear density of the strand, g a metre, above 0
 * @param error standard deviation of the scale, g, and coefficient of variation of the strand's density
 * @throws DomainError
 * @example strandByWeight(42, 3, { scaleG: 0, densityCv: 0 }) // { expected: 14, low: 14, high: 14 }
 */
export function strandByWeight(
	massG: number,
	ktex: number,
	{ scaleG, densityCv }: { readonly scaleG: number; readonly densityCv: number }
): StrandByWeight {
	within('massG', massG, { atLeast: 0 });
	within('ktex', ktex, { moreThan: 0 });
	within('scaleG', scaleG, { atLeast: 0 });
	within('densityCv', densityCv, { atLeast: 0 });
	const expected = massG / ktex;
	const reach = z90 * Math.hypot(scaleG / ktex, expected * densityCv);
	return { expected, low: Math.max(0, expected - reach), high: expected + reach };
}

/**
 * Where strand ends: in which row, from 1, and at which stitch of it; 0 stitches where it ends with the
 * row before.
 *
 * @param leftM strand left, m, 0 or more
 * @param rowM strand a row, m, above 0
 * @param stitches stitches a row, 1 or more
 * @param made rows made, 0 or more
 * @throws DomainError
 * @example strandEnds(14, 4, 70, 130) // { row: 134, stitch: 35 }
 */
export function strandEnds(
	leftM: number,
	rowM: number,
	stitches: number,
	made: number
): { row: number; stitch: number } {
	within('leftM', leftM, { atLeast: 0 });
	within('rowM', rowM, { moreThan: 0 });
	within('stitches', stitches, { atLeast: 1 });
	within('made', made, { atLeast: 0 });
	// What is a whole row but for rounding is a whole row.
	const rows = leftM / rowM + 1e-9;
	return {
		row: made + Math.floor(rows) + 1,
		stitch: Math.floor((rows - Math.floor(rows)) * stitches)
	};
}
