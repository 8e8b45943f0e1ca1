import type { Bag, BagMeasures } from '../bag/measure-bag';
import { defaults } from '../defaults';
import { positive } from '../domain-error';
import type { JointKind } from '../joint/joints';
import { cutRelations } from './cut-relations';
import { ringYield } from './ring-yield';
import type { WholeTubeCut } from './types';
import { usableHeightMm } from './usable-height';
import type { CutYield } from './yield';

/**
 * One ring of the whole tube, with or without its handles.
 *
 * @throws DomainError where the trims leave nothing or the tube is too narrow to be joined
 * @source bench default
 * @example cutWholeTube(bagPresets[0].bag, { style: 'whole-tube', trimBottomMm: 20, trimTopMm: 20 }, measureBag(bagPresets[0].bag)).bulkDiameterMm // 7.5998
 */
export function cutWholeTube(
	bag: Bag,
	cut: WholeTubeCut,
	measures: BagMeasures,
	joint: JointKind = 'loop'
): CutYield {
	const areKept = cut.handles === 'kept';
	const bodyMm = areKept
		? positive('usableHeightMm', bag.bodyMm - cut.trimBottomMm)
		: usableHeightMm(bag, cut);
	const stripWidthMm = areKept
		? cutRelations.keptTubeWidthMm(bag.bodyMm, cut.trimBottomMm, bag.handleMm)
		: bodyMm;
	const filmHeightMm = bodyMm + (areKept ? defaults.handleFilmShare.value * bag.handleMm : 0);
	return ringYield('whole-tube', measures, joint, {
		stripWidthMm,
		pieces: 1,
		filmHeightMm,
		offcutMm: 0,
		shortStripMm: null
	});
}
