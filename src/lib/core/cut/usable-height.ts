import type { Bag } from '../bag/measure-bag';
import { positive, within } from '../domain-error';
import { cutRelations } from './cut-relations';
import type { Trims } from './types';

/**
 * Height left between the trims, mm. Above 0, else DomainError on the trims.
 *
 * @example usableHeightMm(bagPresets[0].bag, { trimBottomMm: 50, trimTopMm: 50 }) // 285
 */
export function usableHeightMm(bag: Bag, trims: Trims): number {
	within('trimBottomMm', trims.trimBottomMm, { atLeast: 0 });
	within('trimTopMm', trims.trimTopMm, { atLeast: 0 });
	return positive(
		'usableHeightMm',
		cutRelations.usableHeightMm(bag.bodyMm, trims.trimBottomMm, trims.trimTopMm)
	);
}
