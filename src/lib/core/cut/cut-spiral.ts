import type { Bag, BagMeasures } from '../bag/measure-bag';
import { defaults } from '../defaults';
import { positive, within } from '../domain-error';
import { bulkDiameterMm } from '../strand/bulk-diameter';
import { cutRelations } from './cut-relations';
import type { SpiralCut } from './types';
import { usableHeightMm } from './usable-height';
import type { CutYield } from './yield';

/**
 * One continuous strip round the tube: one ply, at least two turns.
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
	const turns = cutRelations.turns(usableMm, stripWidthMm);
	const { circumferenceMm: around, filmThicknessMm: thickness } = measures;
	const solidSectionMm2 = cutRelations.sectionMm2(1, stripWidthMm, thickness);
	const cutLengthMm = cutRelations.spiralRunMm(turns, around, stripWidthMm);
	const pieceLengthMm = positive('pieceLengthMm', cutRelations.spiralPieceMm(cutLengthMm));
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
