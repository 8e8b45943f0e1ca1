import { z90 } from '../statistics/z90';
import type { Ranged, Subject } from './measured';

/** What a measure's error is made of; the constants were set on photographs whose truths are known. */
interface Errors {
	/** Of an edge, pixels. */
	readonly edgePx: number;
	/** In proportion to the size: the plane, the camera's height, the thickness. */
	readonly share: number;
	/** How the thing lies, mm. */
	readonly lieMm: number;
}

const errors: Readonly<Record<Subject, Errors>> = {
	bag: { edgePx: 0.3, share: 0.0013, lieMm: 0.5 },
	strips: { edgePx: 0.06, share: 0.001, lieMm: 0.06 },
	swatch: { edgePx: 0.4, share: 0.0035, lieMm: 0.3 },
	loom: { edgePx: 0.4, share: 0.005, lieMm: 0.4 },
	mat: { edgePx: 0.3, share: 0.0014, lieMm: 1 },
	cover: { edgePx: 0.4, share: 0.005, lieMm: 0.5 }
};

/**
 * A measure with its 80 % range, from the size of a pixel, what the boards' corners lie off, and how
 * such a thing lies.
 *
 * @param mmPerPx mm that a pixel stands for where it was measured
 * @param residualMm what the boards' corners lie off, root mean square
 * @example ranged('bag', 300, { mmPerPx: 0.5, residualMm: 0.2 }).low < 299.5 // true
 */
export function ranged(
	of: Subject,
	value: number,
	{ mmPerPx, residualMm }: { mmPerPx: number; residualMm: number }
): Ranged {
	const { edgePx, share, lieMm } = errors[of];
	const spread = Math.hypot(edgePx * mmPerPx, share * value, lieMm, 0.3 * residualMm);
	return { value, low: value - z90 * spread, high: value + z90 * spread };
}
