import type { CutYield } from '../../cut/yield';
import { defaults } from '../../defaults';
import { positive, within } from '../../domain-error';
import type { Fit } from './lay-strand';
import { fitOf } from './lay-strand';

export interface CountedFrame {
	/** Strand one loop adds, mm. */
	readonly loopMm: number;
	/** Loops from nail to opposite nail. */
	readonly loops: number;
	/** From nail to opposite nail, mm; and the spans the counted strand can still be used on. */
	readonly spanMm: number;
	readonly spanLeastMm: number;
	readonly spanMostMm: number;
	/** The loops' length over the span. */
	readonly fitShare: number;
	readonly fit: Fit;
	/** What a strand lacks, mm; 0 where its loops reach. */
	readonly shortMm: number;
	readonly strands: number;
	readonly pieces: number;
	readonly bags: number;
}

/** What may be typed of a frame known by its counts. */
export const countedLimits = {
	nails: { atLeast: 2, atMost: 200, isWhole: true },
	loops: { atLeast: 1, atMost: 40, isWhole: true }
} as const;

/**
 * A frame known by two counts: nails for the width, loops from nail to opposite nail for the length.
 * Drawn straight, the loops set the span; where the frame stands there, the span sets the loops.
 *
 * @param nails at each end, whole, 2 to 200
 * @param by loops counted, whole, 1 to 40, or the span of the frame that stands there, mm
 * @throws DomainError
 * @source bench default for the limits of the fit
 * @example countedLoops(42, { spanMm: 1768 }, cutBag(bagPresets[0].bag, { style: 'whole-tube', trimBottomMm: 50, trimTopMm: 50 })).fit // 'add-short'
 */
export function countedLoops(
	nails: number,
	by: { readonly loops: number } | { readonly spanMm: number },
	cut: Pick<CutYield, 'pieceLengthMm' | 'pieces'>
): CountedFrame {
	within('nails', nails, countedLimits.nails);
	const loopMm = cut.pieceLengthMm;
	const loops = within(
		'loops',
		'loops' in by ? by.loops : Math.max(1, Math.round(positive('spanMm', by.spanMm) / loopMm)),
		countedLimits.loops
	);
	const drawnMm = loops * loopMm;
	const spanMm = 'spanMm' in by ? by.spanMm : drawnMm;
	const fitShare = drawnMm / spanMm;
	const fit = fitOf(fitShare);
	return {
		loopMm,
		loops,
		spanMm,
		spanLeastMm: drawnMm / defaults.fitMost.value,
		spanMostMm: drawnMm / defaults.fitLeast.value,
		fitShare,
		fit,
		shortMm: fit === 'add-short' ? spanMm - drawnMm : 0,
		strands: nails,
		pieces: nails * loops,
		bags: (nails * loops) / cut.pieces
	};
}
