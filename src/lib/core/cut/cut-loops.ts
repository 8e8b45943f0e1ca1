import type { Bag, BagMeasures } from '../bag/measure-bag';
import { measureBag } from '../bag/measure-bag';
import { defaults } from '../defaults';
import { positive, within } from '../domain-error';
import { bulkDiameterMm } from '../strand/bulk-diameter';
import type { LoopsCut, Trims } from './types';
import type { CutYield } from './yield';

/** Height left between the trims, mm. Above 0, else DomainError on the trims. */
export function usableHeightMm(bag: Bag, trims: Trims): number {
	within('trimBottomMm', trims.trimBottomMm, { atLeast: 0 });
	within('trimTopMm', trims.trimTopMm, { atLeast: 0 });
	return positive('usableHeightMm', bag.bodyMm - trims.trimBottomMm - trims.trimTopMm);
}

/** How the rings lie in the body: their width, how many, and what is left or missing at the top. */
export function layLoops(usableMm: number, cut: LoopsCut) {
	if (cut.equalStrips !== undefined) {
		const pieces = within('equalStrips', cut.equalStrips, { atLeast: 1, isWhole: true });
		return { stripWidthMm: usableMm / pieces, pieces, offcutMm: 0, shortStripMm: null };
	}
	const stripWidthMm = within('stripWidthMm', cut.stripWidthMm ?? NaN, {
		moreThan: 0,
		atMost: usableMm
	});
	// A last strip of three quarters of the width or more counts, and is flagged short.
	const pieces = Math.floor(
		usableMm / stripWidthMm + (1 - defaults.countedShortStrip.value) + 1e-9
	);
	const left = usableMm - pieces * stripWidthMm;
	return {
		stripWidthMm,
		pieces,
		offcutMm: Math.max(0, left),
		shortStripMm: left < -1e-6 ? stripWidthMm + left : null
	};
}

/**
 * Rings cut straight across the tube. A ring pulled out is two plies, `S = 2wt`, and adds half the
 * circumference less what its joint takes, `L = C/2 − 6d`.
 *
 * @throws DomainError where the trims leave nothing, the strip is wider than what they leave, or
 *   the ring is too small to be joined
 * @source bench default for the joint's take-up and the counted short strip
 */
export function cutLoops(
	bag: Bag,
	cut: LoopsCut,
	measures: BagMeasures = measureBag(bag)
): CutYield {
	const laid = layLoops(usableHeightMm(bag, cut), cut);
	const { circumferenceMm: around, filmThicknessMm: thickness } = measures;
	const solidSectionMm2 = 2 * laid.stripWidthMm * thickness;
	const diameterMm = bulkDiameterMm(solidSectionMm2, defaults.packingWorked.value);
	const pieceLengthMm = positive(
		'pieceLengthMm',
		around / 2 - defaults.loopJointTakeUp.value * diameterMm
	);
	const stripFilmMm =
		laid.pieces * laid.stripWidthMm -
		(laid.shortStripMm ? laid.stripWidthMm - laid.shortStripMm : 0);
	return {
		style: 'loops',
		stripWidthMm: laid.stripWidthMm,
		pieces: laid.pieces,
		offcutMm: laid.offcutMm,
		shortStripMm: laid.shortStripMm,
		solidSectionMm2,
		bulkDiameterMm: diameterMm,
		packing: defaults.packingWorked.value,
		pieceLengthMm,
		strandPerBagMm: laid.pieces * pieceLengthMm,
		filmUsedG: defaults.filmDensity.value * thickness * around * stripFilmMm
	};
}
