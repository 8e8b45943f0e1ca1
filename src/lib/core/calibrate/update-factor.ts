import { positive } from '../domain-error';
import type { FactorKnowledge } from '../factors/factors';
import { sigmaFromCv } from '../factors/factors';

/** One measurement of a factor: what it came to over the craft's own figure, and how far one such may be off. */
export interface FactorReading {
	/** Measured over expected, above 0. */
	readonly ratio: number;
	/** Coefficient of variation of one such reading, above 0. */
	readonly cv: number;
}

/**
 * The inverse of `sigmaFromCv`: the coefficient of variation of a log-normal. expm1, because a small square is lost beside one.
 *
 * @example cvFromSigma(0.19804) // 0.2
 */
export const cvFromSigma = (sigma: number): number => Math.sqrt(Math.expm1(sigma * sigma));

/**
 * What is known of a factor after measuring: the posterior of a log-normal with known spreads, in
 * closed form. Precisions add; the spread never grows.
 *
 * @throws DomainError where a ratio or a spread is not above 0
 * @example updateFactor({ median: 1, cv: 0.1 }, [{ ratio: 1.2, cv: 0.1 }]) // { median: 1.0954, cv: 0.070623 }
 */
export function updateFactor(
	prior: FactorKnowledge,
	readings: readonly FactorReading[]
): FactorKnowledge {
	if (readings.length === 0) return prior;
	const priorSigma = sigmaFromCv(positive('prior.cv', prior.cv));
	let precision = 1 / priorSigma ** 2;
	let weighted = Math.log(positive('prior.median', prior.median)) * precision;
	for (const { ratio, cv } of readings) {
		const weight = 1 / sigmaFromCv(positive('cv', cv)) ** 2;
		precision += weight;
		weighted += Math.log(positive('ratio', ratio)) * weight;
	}
	return {
		median: Math.exp(weighted / precision),
		cv: cvFromSigma(Math.sqrt(1 / precision))
	};
}
