import { defaults } from '../defaults';
import { positive, within } from '../domain-error';
import { bagRelations as relations } from './bag-relations';

/**
 * A bag as measured lying flat: millimetres and grams. Up is towards the handles; heights run
 * from the welded bottom seam to the base of the handles.
 */
export interface Bag {
	/** Width lying flat, gussets tucked in. Above 0. */
	readonly flatWidthMm: number;
	/** Depth of the fold on each side; 0 if there is none. */
	readonly gussetMm: number;
	/** Bottom seam to the base of the handles. Above 0. */
	readonly bodyMm: number;
	/** Base to top of the handles; 0 if there are none. */
	readonly handleMm: number;
	/** One bag, as a mean over a counted handful. Above 0. */
	readonly massG: number;
}

export interface BagMeasures {
	/** All the way round the tube, mm. */
	readonly circumferenceMm: number;
	/** Film in the whole bag, one wall counted once, mm². */
	readonly filmAreaMm2: number;
	/** Thickness of one wall, mm. */
	readonly filmThicknessMm: number;
}

/**
 * What ruler and kitchen scale say of a bag. Weighing thus gives the film's thickness without any instrument.
 *
 * @throws DomainError where a measure is not a finite number in its domain
 * @source bench default for the handle share and the density (0.00092 low to 0.00096 g/mm³ high density)
 * @example measureBag(bagPresets[0].bag) // { circumferenceMm: 920, filmAreaMm2: 416300, filmThicknessMm: 0.013148 }
 */
export function measureBag(bag: Bag): BagMeasures {
	const width = positive('flatWidthMm', bag.flatWidthMm);
	const gusset = within('gussetMm', bag.gussetMm, { atLeast: 0 });
	const body = positive('bodyMm', bag.bodyMm);
	const handle = within('handleMm', bag.handleMm, { atLeast: 0 });
	const mass = positive('massG', bag.massG);

	const circumferenceMm = relations.circumferenceMm(width, gusset);
	const filmAreaMm2 = relations.filmAreaMm2(circumferenceMm, body, handle);
	const filmThicknessMm = relations.filmThicknessMm(mass, defaults.filmDensity.value, filmAreaMm2);
	return { circumferenceMm, filmAreaMm2, filmThicknessMm };
}
