import { atLeastWhole } from '../factors/rounding';
import type { CutYield } from './yield';

/**
 * The pieces and the bags that a length of strand takes: whole pieces, bags as an exact quotient.
 *
 * @param strandMm 0 or more
 * @example piecesOf(880000, cutBag(bagPresets[0].bag, startingPlan.cut)) // { pieces: 2004, bags: 500.82 }
 */
export const piecesOf = (
	strandMm: number,
	cut: Pick<CutYield, 'pieceLengthMm' | 'strandPerBagMm'>
): { readonly pieces: number; readonly bags: number } => ({
	pieces: atLeastWhole(strandMm / cut.pieceLengthMm),
	bags: strandMm / cut.strandPerBagMm
});
