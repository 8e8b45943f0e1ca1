import type { BagMeasures } from '../bag/measure-bag';
import { defaults } from '../defaults';
import { positive } from '../domain-error';
import type { JointKind } from '../joint/joints';
import { takeUpMm } from '../joint/joints';
import { bulkDiameterMm } from '../strand/bulk-diameter';
import { cutRelations } from './cut-relations';
import type { CutYield } from './yield';

interface RingLay {
	readonly stripWidthMm: number;
	readonly pieces: number;
	/** Height of the film that goes into rings, mm. */
	readonly filmHeightMm: number;
	readonly offcutMm: number;
	readonly shortStripMm: number | null;
}

/**
 * Rings across the tube. A ring pulled out is two plies, and adds half the circumference less what
 * its joint takes.
 *
 * @throws DomainError where the ring is too small to be joined
 * @example ringYield('loops', measureBag(bagPresets[0].bag), 'loop', { stripWidthMm: 71.25, pieces: 4, filmHeightMm: 285, offcutMm: 0, shortStripMm: null }).pieceLengthMm // 439.28
 */
export function ringYield(
	style: 'loops' | 'whole-tube',
	measures: BagMeasures,
	joint: JointKind,
	lay: RingLay
): CutYield {
	const { circumferenceMm: around, filmThicknessMm: thickness } = measures;
	const solidSectionMm2 = cutRelations.sectionMm2(2, lay.stripWidthMm, thickness);
	const diameterMm = bulkDiameterMm(solidSectionMm2, defaults.packingWorked.value);
	const pieceLengthMm = positive(
		'pieceLengthMm',
		cutRelations.ringPieceMm(around, takeUpMm(joint, diameterMm))
	);
	return {
		style,
		stripWidthMm: lay.stripWidthMm,
		pieces: lay.pieces,
		plies: 2,
		offcutMm: lay.offcutMm,
		shortStripMm: lay.shortStripMm,
		turns: null,
		solidSectionMm2,
		bulkDiameterMm: diameterMm,
		packing: defaults.packingWorked.value,
		pieceLengthMm,
		strandPerBagMm: cutRelations.strandPerBagMm(lay.pieces, pieceLengthMm),
		filmUsedG: defaults.filmDensity.value * thickness * around * lay.filmHeightMm
	};
}
