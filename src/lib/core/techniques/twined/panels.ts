import { positive } from '../../domain-error';
import type { Target } from '../../mat/made-mat';

export interface Panels {
	/** Panels side by side, and one after the other along the sleeper. */
	readonly across: number;
	readonly along: number;
	readonly count: number;
	/** Size of one panel, mm. */
	readonly widthMm: number;
	readonly lengthMm: number;
	/** Seams along the warp, mm, and across it, mm. Panels join best along the warp. */
	readonly seamAlongMm: number;
	readonly seamAcrossMm: number;
}

/**
 * Panels a frame smaller than the mat must make: `ceil(target / frame)` each way, all alike.
 *
 * @throws DomainError where a size is not above 0
 * @example panelsFor({ widthMm: 850, lengthMm: 1850 }, { widthMm: 850, lengthMm: 1000 }) // { across: 1, along: 2, count: 2, widthMm: 850, lengthMm: 925, seamAlongMm: 0, seamAcrossMm: 850 }
 */
export function panelsFor(target: Target, frame: Target): Panels {
	const across = Math.ceil(target.widthMm / positive('frameWidthMm', frame.widthMm) - 1e-9);
	const along = Math.ceil(target.lengthMm / positive('frameLengthMm', frame.lengthMm) - 1e-9);
	return {
		across,
		along,
		count: across * along,
		widthMm: target.widthMm / across,
		lengthMm: target.lengthMm / along,
		seamAlongMm: (across - 1) * target.lengthMm,
		seamAcrossMm: (along - 1) * target.widthMm
	};
}
