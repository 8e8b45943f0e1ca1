import type { Bag, BagMeasures } from '../bag/measure-bag';
import { defaults } from '../defaults';
import { positive, within } from '../domain-error';
import { bulkDiameterMm } from '../strand/bulk-diameter';
import type { SpiralCut } from './types';
import { usableHeightMm } from './usable-height';
import type { CutYield } from './yield';

/**
 * One continuous strip round the tube: one ply, `S = wt`, `n = floor(U/w)` turns, at least two,
 * `L = (n − 1) √(C² + w²) − 120`. The 120 mm are its tapering ends and its one knot.
 *
 * @throws DomainError where the trims leave fewer than two turns or the strip is eaten by its ends
 * @source bench default for the ends
 * @example cutSpiral(bagPresets[0].bag, { style: 'spiral', stripWidthMm: 50, trimBottomMm: 50, trimTopMm: 50 }, measureBag(bagPresets[0].bag)).turns // 5
 */
export function cutSpiral(bag: Bag, cut: SpiralCut, measures: BagMeasures): CutYield {
	const usableMm = usableHeightMm(bag, cut);
	const stripWidthMm = within('stripWidthMm', cut.stripWidthMm, {
		moreThan: 0,
		atMost: usableMm / 2
	});
	const turns = Math.floor(usableMm / stripWidthMm + 1e-9);
	const { circumferenceMm: around, filmThicknessMm: thickness } = measures;
	const solidSectionMm2 = stripWidthMm * thickness;
	const cutLengthMm = (turns - 1) * Math.hypot(around, stripWidthMm);
	const pieceLengthMm = positive('pieceLengthMm', cutLengthMm - defaults.spiralEndLoss.value);
	// A very steep spiral of a narrow tube cannot hold more film than its turns do.
	const stripFilmMm2 = stripWidthMm * Math.min(cutLengthMm, turns * around);
	return {
		style: 'spiral',
		stripWidthMm,
		pieces: 1,
		plies: 1,
		offcutMm: usableMm - turns * stripWidthMm,
		shortStripMm: null,
		turns,
		solidSectionMm2,
		bulkDiameterMm: bulkDiameterMm(solidSectionMm2, defaults.packingWorked.value),
		packing: defaults.packingWorked.value,
		pieceLengthMm,
		strandPerBagMm: pieceLengthMm,
		filmUsedG: defaults.filmDensity.value * thickness * stripFilmMm2
	};
}
