import { positive } from '../domain-error';
import { strandRelations } from './strand-relations';

/**
 * Diameter of a strand as the hand feels it.
 *
 * @param solidSectionMm2 cross-section of the plastic alone, mm², above 0
 * @param packing share of the squeezed strand that is plastic, above 0 and at most 1
 * @returns mm
 * @throws DomainError where either is not a finite number above 0
 * @example bulkDiameterMm(2.4, 0.3) // 3.1915
 */
export function bulkDiameterMm(solidSectionMm2: number, packing: number): number {
	positive('solidSectionMm2', solidSectionMm2);
	positive('packing', packing);
	return strandRelations.bulkDiameterMm(solidSectionMm2, packing);
}
