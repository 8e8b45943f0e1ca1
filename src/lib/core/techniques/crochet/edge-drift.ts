import { positive } from '../../domain-error';

export type EdgeDrift =
	| { readonly kind: 'even' }
	/** Stitches missed at the ends of rows: the mat narrows. */
	| { readonly kind: 'narrows'; readonly stitches: number }
	/** Stitches too many: the edge waves. */
	| { readonly kind: 'waves'; readonly stitches: number };

/**
 * What a measured width says of a crocheted edge: width lost or won over the stitch width is
 * stitches lost or won; less than half a stitch is even.
 *
 * @param measuredMm across the rows now, above 0
 * @param plannedMm at the foundation, above 0
 * @param stitchWidthMm above 0
 * @throws DomainError
 * @example edgeDrift(800, 850, 14) // { kind: 'narrows', stitches: 4 }
 */
export function edgeDrift(measuredMm: number, plannedMm: number, stitchWidthMm: number): EdgeDrift {
	const lost =
		(positive('plannedMm', plannedMm) - positive('measuredMm', measuredMm)) /
		positive('stitchWidthMm', stitchWidthMm);
	const stitches = Math.round(Math.abs(lost));
	if (Math.abs(lost) < 0.5) return { kind: 'even' };
	return { kind: lost > 0 ? 'narrows' : 'waves', stitches };
}
