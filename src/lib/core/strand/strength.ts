import { defaults } from '../defaults';
import { positive } from '../domain-error';

export interface StrandStrength {
	/** What the strand holds before the film yields, N. */
	readonly strandN: number;
	/** What it holds at a joint, N. */
	readonly jointN: number;
}

/**
 * What a strand holds: film yields near 20 N/mm², a joint bears half of that.
 *
 * @param solidSectionMm2 plastic in the section, mm², above 0
 * @throws DomainError
 * @source film yield stress; bench default for the joint
 * @example strandStrength(2.4) // { strandN: 48, jointN: 24 }
 */
export function strandStrength(solidSectionMm2: number): StrandStrength {
	const strandN = defaults.filmYieldStress.value * positive('solidSectionMm2', solidSectionMm2);
	return { strandN, jointN: strandN * defaults.jointStrengthShare.value };
}

/**
 * Linear density, ktex (grams a metre), of a solid section in mm².
 *
 * @example linearDensityKtex(2.4) // 2.28
 */
export const linearDensityKtex = (solidSectionMm2: number): number =>
	positive('solidSectionMm2', solidSectionMm2) * defaults.filmDensity.value * 1000;
