import type { Bag, BagMeasures } from '../bag/measure-bag';
import { defaults } from '../defaults';
import { positive } from '../domain-error';
import type { JointKind } from '../joint/joints';
import { takeUpMm } from '../joint/joints';
import { bulkDiameterMm } from '../strand/bulk-diameter';
import { cutRelations } from './cut-relations';
import type { CutYield } from './yield';

/**
 * Two very wide rings a bag, the whole film used: the joint's strand at the worked packing, and the
 * strand itself lofty, at half-bag packing.
 *
 * @throws DomainError where a half is too short to be joined
 * @source bench default
 * @example cutHalfBag(bagPresets[0].bag, measureBag(bagPresets[0].bag)).pieceLengthMm // 423.07
 */
export function cutHalfBag(bag: Bag, measures: BagMeasures, joint: JointKind = 'loop'): CutYield {
	const reachMm = cutRelations.halfBagReachMm(bag.bodyMm, bag.handleMm);
	const density = defaults.filmDensity.value;
	const solidSectionMm2 = cutRelations.halfBagSectionMm2(bag.massG, density, reachMm);
	const workedMm = bulkDiameterMm(solidSectionMm2, defaults.packingWorked.value);
	const pieceLengthMm = positive(
		'pieceLengthMm',
		cutRelations.halfBagPieceMm(reachMm, takeUpMm(joint, workedMm))
	);
	return {
		style: 'half-bag',
		// The ring lies flat half as wide as the half's two walls together.
		stripWidthMm: measures.circumferenceMm / 4,
		pieces: 2,
		plies: 2,
		offcutMm: 0,
		shortStripMm: null,
		turns: null,
		solidSectionMm2,
		bulkDiameterMm: bulkDiameterMm(solidSectionMm2, defaults.packingHalfBag.value),
		packing: defaults.packingHalfBag.value,
		pieceLengthMm,
		strandPerBagMm: cutRelations.strandPerBagMm(2, pieceLengthMm),
		filmUsedG: bag.massG
	};
}
