import { positive } from '../../domain-error';

/**
 * Rows a ball makes: `ball strand / (n y)`. Both in mm and above 0, else DomainError.
 *
 * @example rowsPerBall(9000, 1500) // 6
 */
export const rowsPerBall = (ballStrandMm: number, strandPerRowMm: number): number =>
	positive('ballStrandMm', ballStrandMm) / positive('strandPerRowMm', strandPerRowMm);
