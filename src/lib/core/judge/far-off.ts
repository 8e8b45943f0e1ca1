import { defaults } from '../defaults';
import { within } from '../domain-error';

/** A figure that is far from what was expected, as its share of that: 10 where a digit slipped in. */
export interface FarOff {
	readonly ratio: number;
}

/**
 * Whether a figure that somebody typed should be asked about: it is so many times what was expected, or so small a
 * part of it, that a digit or a unit may have slipped. Differences too small to matter are not asked about.
 *
 * @param value what was typed, 0 or more
 * @param expected what was expected, in the same unit; where nothing is expected nothing is asked
 * @param least a difference below this matters to nobody, in the same unit
 * @throws DomainError
 * @source assumed factor, in the table of defaults
 * @example farOff(21, 2.1) // { ratio: 10 }
 */
export function farOff(value: number, expected: number, least = 0): FarOff | null {
	within('value', value, { atLeast: 0 });
	within('least', least, { atLeast: 0 });
	if (!(expected > 0) || Math.abs(value - expected) <= least) return null;
	const factor = defaults.plausibleFactor.value;
	const ratio = value / expected;
	return ratio > factor || ratio < 1 / factor ? { ratio } : null;
}
