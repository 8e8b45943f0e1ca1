import type { CutYield } from './yield';
import { within } from '../domain-error';

/**
 * Mass of the strand as it is worked, its joints in it: what a metre of it adds to the mat.
 *
 * @param given film of a bag that goes into strand, g, and the strand it adds, mm, above 0
 * @returns g a metre
 * @throws DomainError
 * @source mass of the pieces over the strand they add
 * @example strandMassGPerM({ filmUsedG: 5, strandPerBagMm: 2500 }) // 2
 */
export function strandMassGPerM({
	filmUsedG,
	strandPerBagMm
}: Pick<CutYield, 'filmUsedG' | 'strandPerBagMm'>): number {
	within('filmUsedG', filmUsedG, { atLeast: 0 });
	return (filmUsedG / within('strandPerBagMm', strandPerBagMm, { moreThan: 0 })) * 1000;
}
