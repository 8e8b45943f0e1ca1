import { defaults } from '../defaults';
import { positive } from '../domain-error';
import type { HandKnowledge } from '../practice/practice';
import { sigmaFromCv } from '../factors/factors';
import type { FactorReading } from './update-factor';
import { updateFactor } from './update-factor';

/** Timed work at one station: units done over person-seconds, and the craft's seconds for such a unit. */
export interface TimedWork {
	/** Bags, joints, stitches, mats: whatever the station counts; above 0. */
	readonly units: number;
	/** People times time, s, above 0. */
	readonly personSeconds: number;
	/** What one unit takes by the standard figures, s, above 0. */
	readonly defaultSeconds: number;
}

/** Seconds a unit over the craft's. @throws DomainError where a figure is not above 0 */
const timeRatio = ({ units, personSeconds, defaultSeconds }: TimedWork): number =>
	positive('personSeconds', personSeconds) /
	(positive('units', units) * positive('defaultSeconds', defaultSeconds));

/** Variance of the logarithm of one session's time that comes of counting few units: the prior is worth five of them. */
const countingVariance = (units: number): number =>
	(sigmaFromCv(defaults.flatten.cv) ** 2 * defaults.ratePriorUnits.value) / units;

/**
 * Variance of the logarithm between sessions, beyond what counting explains: the craft's figure,
 * worth four sessions, joined by what the sessions themselves show; never less than the craft's.
 */
function sessionVariance(work: readonly TimedWork[]): number {
	const least = sigmaFromCv(defaults.sessionSpread.value) ** 2;
	if (work.length < 2) return least;
	const logs = work.map((one) => Math.log(timeRatio(one)));
	const mean = logs.reduce((sum, log) => sum + log, 0) / logs.length;
	const squares = logs.reduce((sum, log) => sum + (log - mean) ** 2, 0);
	const counting = work.reduce((sum, { units }) => sum + countingVariance(units), 0) / work.length;
	const worth = defaults.sessionSpreadWorth.value;
	const shown = squares - (logs.length - 1) * counting;
	return Math.max(least, (worth * least + shown) / (worth + logs.length - 1));
}

/**
 * Timed work as one reading of a rate, held against what is known before it counts. @throws DomainError
 *
 * @example rateReading({ units: 40, personSeconds: 900, defaultSeconds: 15 }) // { ratio: 1.5, cv: 0.19333 }
 */
export const rateReading = (
	work: TimedWork,
	variance = sessionVariance([work])
): FactorReading => ({
	ratio: timeRatio(work),
	cv: Math.sqrt(Math.expm1(variance + countingVariance(work.units)))
});

/**
 * A station's time after timing it: the posterior of a log-normal time, each session a reading whose
 * spread is that between sessions (people and days differ) and that of the units it counted. The
 * prior is worth five units of work.
 *
 * @returns mean time over the craft's, and its spread, which one long session alone cannot bring
 *   below the spread between sessions
 * @throws DomainError
 * @source bench default for the worth of the prior; assumed for the spread between sessions
 * @example updateRate({ mean: 1, cv: 0.35 }, [{ units: 40, personSeconds: 900, defaultSeconds: 15 }]) // { mean: 1.3604, cv: 0.16806 }
 */
export function updateRate(prior: HandKnowledge, work: readonly TimedWork[]): HandKnowledge {
	if (work.length === 0) return prior;
	const variance = sessionVariance(work);
	const sigma = sigmaFromCv(positive('prior.cv', prior.cv));
	const { median, cv } = updateFactor(
		{ median: positive('prior.mean', prior.mean) * Math.exp(-(sigma ** 2) / 2), cv: prior.cv },
		work.map((one) => rateReading(one, variance))
	);
	return { mean: median * Math.sqrt(1 + cv * cv), cv };
}
