import type { CutYield } from './yield';
import { defaults } from '../defaults';
import type { Spin } from '../joint/joints';
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
	const together = spin === 'two-ply' ? 2 : 1;
	const lengthShare = (1 - defaults.spunShortening.value) / together;
	const solidSectionMm2 = cut.solidSectionMm2 / lengthShare;
	const packing = defaults.packingSpun.value;
	return {
		...cut,
		solidSectionMm2,
		packing,
		bulkDiameterMm: bulkDiameterMm(solidSectionMm2, packing),
		pieceLengthMm: cut.pieceLengthMm * lengthShare,
		strandPerBagMm: cut.strandPerBagMm * lengthShare
	};
}
