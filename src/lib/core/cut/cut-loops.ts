import type { Bag, BagMeasures } from '../bag/measure-bag';
import { measureBag } from '../bag/measure-bag';
import { within } from '../domain-error';
import type { JointKind } from '../joint/joints';
import { cutRelations } from './cut-relations';
import { ringYield } from './ring-yield';
import type { LoopsCut } from './types';
import { usableHeightMm } from './usable-height';
import type { CutYield } from './yield';

/**
 * How the rings lie in the body: their width, how many, and what is left or missing at the top.
 *
 * @example layLoops(285, { style: 'loops', stripWidthMm: 60, trimBottomMm: 50, trimTopMm: 50 }) // { stripWidthMm: 60, pieces: 5, offcutMm: 0, shortStripMm: 45 }
 */
export function layLoops(usableMm: number, cut: LoopsCut) {
	if (cut.equalStrips !== undefined) {
		const pieces = within('equalStrips', cut.equalStrips, { atLeast: 1, isWhole: true });
		const stripWidthMm = cutRelations.evenWidthMm(usableMm, pieces);
		return { stripWidthMm, pieces, offcutMm: 0, shortStripMm: null };
	}
	const stripWidthMm = within('stripWidthMm', cut.stripWidthMm ?? NaN, {
		moreThan: 0,
		atMost: usableMm
	});
	const pieces = cutRelations.countedStrips(usableMm, stripWidthMm);
	const left = usableMm - pieces * stripWidthMm;
	return {
		stripWidthMm,
		pieces,
		offcutMm: Math.max(0, left),
		shortStripMm: left < -1e-6 ? stripWidthMm + left : null
	};
}

/**
 * Rings cut straight across the tube, of measured width or by equal folds.
 *
 * @throws DomainError where the trims leave nothing, the strip is wider than what they leave, or
 *   the ring is too small to be joined
 * @source bench default for the joint's take-up and the counted short strip
 * @example cutLoops(bagPresets[0].bag, { style: 'loops', equalStrips: 4, trimBottomMm: 50, trimTopMm: 50 }).strandPerBagMm // 1757.1
 */
export function cutLoops(
	bag: Bag,
	cut: LoopsCut,
	measures: BagMeasures = measureBag(bag),
	joint: JointKind = 'loop'
): CutYield {
	const usableMm = usableHeightMm(bag, cut);
	const laid = layLoops(usableMm, cut);
	return ringYield('loops', measures, joint, {
		stripWidthMm: laid.stripWidthMm,
		pieces: laid.pieces,
		filmHeightMm: usableMm - laid.offcutMm,
		offcutMm: laid.offcutMm,
		shortStripMm: laid.shortStripMm
	});
}
