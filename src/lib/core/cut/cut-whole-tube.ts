import type { Bag, BagMeasures } from '../bag/measure-bag';
import { defaults } from '../defaults';
import { positive } from '../domain-error';
import type { JointKind } from '../joint/joints';
import { ringYield } from './ring-yield';
import type { WholeTubeCut } from './types';
import { usableHeightMm } from './usable-height';
import type { CutYield } from './yield';

/**
 * One ring of the whole tube: `w = U`, or `w = B − trim_bottom + H/2` with the handles kept.
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
	const stripWidthMm = bodyMm + (areKept ? defaults.keptHandleShare.value * bag.handleMm : 0);
	const filmHeightMm = bodyMm + (areKept ? defaults.handleFilmShare.value * bag.handleMm : 0);
	return ringYield('whole-tube', measures, joint, {
		stripWidthMm,
		pieces: 1,
		filmHeightMm,
		offcutMm: 0,
		shortStripMm: null
	});
}
