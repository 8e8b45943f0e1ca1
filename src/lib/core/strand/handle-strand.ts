import type { Bag } from '../bag/measure-bag';
import { measureBag } from '../bag/measure-bag';
import { defaults } from '../defaults';
import { bulkDiameterMm } from './bulk-diameter';

export interface HandleStrand {
	/** Unbroken handles of a bag; each chains into the next. */
	readonly pieces: number;
	readonly bulkDiameterMm: number;
	/** Strand the handles of one bag add, mm; nothing where they are too short to be joined. */
	readonly strandPerBagMm: number;
	/** Film of one bag's handles, g. */
	readonly massG: number;
}

/**
 * The thick strand that unbroken handles chain into: two loops a bag, each as long as a handle is
 * high, with half the film of the handle zone, joined loop through loop.
 *
 * @throws DomainError where a measure of the bag is out of its domain
 * @source bench default for the film in the handle zone; the rest is geometry
 * @example handleStrand(bagPresets[0].bag) // { pieces: 2, bulkDiameterMm: 4.1626, strandPerBagMm: 250.05, massG: 0.77569 }
 */
export function handleStrand(bag: Bag): HandleStrand | null {
	if (bag.handleMm <= 0) return null;
	const { circumferenceMm, filmThicknessMm } = measureBag(bag);
	const areaMm2 = circumferenceMm * defaults.handleFilmShare.value * bag.handleMm;
	const diameterMm = bulkDiameterMm(
		(areaMm2 * filmThicknessMm) / (2 * bag.handleMm),
		defaults.packingWorked.value
	);
	const pieceMm = bag.handleMm - defaults.loopJointTakeUp.value * diameterMm;
	return {
		pieces: 2,
		bulkDiameterMm: diameterMm,
		strandPerBagMm: Math.max(0, 2 * pieceMm),
		massG: areaMm2 * filmThicknessMm * defaults.filmDensity.value
	};
}
