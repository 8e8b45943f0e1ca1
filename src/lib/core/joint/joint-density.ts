import { positive } from '../domain-error';

export interface JointDensity {
	readonly perRow: number;
	readonly perSquareMetre: number;
}

/**
 * How thick the joints lie in a mat.
 *
 * @param jointsInMat joints in the mat itself, 0 or more
 * @param rows rows or picks, above 0
 * @param areaMm2 of the mat, mm², above 0
 * @throws DomainError
 * @example jointDensity(2400, 200, 1.5e6) // { perRow: 12, perSquareMetre: 1600 }
 */
export function jointDensity(jointsInMat: number, rows: number, areaMm2: number): JointDensity {
	return {
		perRow: jointsInMat / positive('rows', rows),
		perSquareMetre: (jointsInMat / positive('areaMm2', areaMm2)) * 1e6
	};
}
