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

/**
 * Panels of a size that a frame gives, as many as come nearest to the mat that is wanted.
 *
 * @throws DomainError where a size is not above 0
 * @example panelsOf({ widthMm: 850, lengthMm: 1850 }, { widthMm: 420, lengthMm: 1830 }) // { across: 2, along: 1, count: 2, widthMm: 420, lengthMm: 1830, seamAlongMm: 1830, seamAcrossMm: 0 }
 */
export function panelsOf(target: Target, panel: Target): Panels {
	const across = Math.max(1, Math.round(target.widthMm / positive('panel.widthMm', panel.widthMm)));
	const along = Math.max(
		1,
		Math.round(target.lengthMm / positive('panel.lengthMm', panel.lengthMm))
	);
	return {
		across,
		along,
		count: across * along,
		widthMm: panel.widthMm,
		lengthMm: panel.lengthMm,
		seamAlongMm: (across - 1) * along * panel.lengthMm,
		seamAcrossMm: (along - 1) * across * panel.widthMm
	};
}
