import { positive } from '../domain-error';
import type { FactorKnowledge } from '../factors/factors';
import { sigmaFromCv } from '../factors/factors';
import type { FactorReading } from './update-factor';

/** Slips of the pen that give a ratio away: a decimal place, or inches for centimetres. */
const slips = [
	{ slip: 'ten-times', ratio: 10 },
	{ slip: 'tenth', ratio: 0.1 },
	{ slip: 'inches-as-cm', ratio: 1 / 2.54 },
	{ slip: 'cm-as-inches', ratio: 2.54 }
] as const;
export type Slip = (typeof slips)[number]['slip'];

export interface Outlier {
	/** How many standard deviations it lies from what is known. */
	readonly deviations: number;
	/** The slip that would explain it, or null. */
	readonly slip: Slip | null;
}

/** Beyond this many deviations a reading is asked about before it counts. */
const asked = 3.5;

/**
 * Whether a reading is so far from what is known that it should be asked about; null where it is
 * not. It is never left out by itself.
 *
 * @throws DomainError where the ratio is not above 0
 * @example outlierOf({ median: 1, cv: 0.1 }, { ratio: 10, cv: 0.04 }) // { deviations: 21.426, slip: 'ten-times' }
 */
export function outlierOf(known: FactorKnowledge, reading: FactorReading): Outlier | null {
	const off = Math.log(positive('ratio', reading.ratio) / known.median);
	const sigma = Math.hypot(sigmaFromCv(known.cv), sigmaFromCv(reading.cv));
	const deviations = Math.abs(off) / sigma;
	if (deviations < asked) return null;
	const near = slips.find(({ ratio }) => Math.abs(off - Math.log(ratio)) < 3 * sigma);
	return { deviations, slip: near?.slip ?? null };
}
