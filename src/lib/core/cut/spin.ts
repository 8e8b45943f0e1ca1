import type { CutYield } from './yield';
import { defaults } from '../defaults';
import type { Spin } from '../joint/joints';
import { cutRelations } from './cut-relations';
import { bulkDiameterMm } from '../strand/bulk-diameter';

/**
 * Twists a strand on a hand spindle: denser, shorter by what the twist takes up and thicker in
 * plastic by the same, since no film is lost; two plies halve the length once more.
 *
 * @source bench default for packing and shortening; the section follows from the mass
 * @example spinStrand(cutBag(bagPresets[0].bag, startingPlan.cut), 'two-ply').strandPerBagMm // 825.84
 */
export function spinStrand(cut: CutYield, spin: Spin): CutYield {
	if (spin === 'none') return cut;
	const share = cutRelations.spunShare(pliesOf(spin));
	const solidSectionMm2 = cutRelations.spunSectionMm2(cut.solidSectionMm2, share);
	const packing = defaults.packingSpun.value;
	return {
		...cut,
		solidSectionMm2,
		packing,
		bulkDiameterMm: bulkDiameterMm(solidSectionMm2, packing),
		pieceLengthMm: cutRelations.spunPieceMm(cut.pieceLengthMm, share),
		strandPerBagMm: cutRelations.spunPieceMm(cut.strandPerBagMm, share)
	};
}

/**
 * Strands that are twisted together.
 *
 * @example pliesOf('two-ply') // 2
 */
export const pliesOf = (spin: Spin): number => (spin === 'two-ply' ? 2 : 1);
