import { defaults } from '../defaults';
import { positive } from '../domain-error';
import type { HandKnowledge } from '../know/practice';
import type { FactorReading } from './update-factor';

/** Timed work at one station: units done over person-seconds, and the craft's seconds for such a unit. */
export interface TimedWork {
	/** Bags, joints, stitches, mats: whatever the station counts; above 0. */
	readonly units: number;
	/** People times time, s, above 0. */
	readonly personSeconds: number;
	/** What one unit takes by the craft, s, above 0. */
	readonly defaultSeconds: number;
}

/**
 * A station's time after timing it. Rates are counts over time: a Gamma prior worth five units of
 * work at the craft's rate, updated by the logged work. The time over the craft's is the inverse.
 *
 * @returns mean time over the craft's, and its spread, which shrinks with the units logged
 * @throws DomainError
 * @source bench default for the worth of the prior
 */
export function updateRate(prior: HandKnowledge, work: readonly TimedWork[]): HandKnowledge {
	if (work.length === 0) return prior;
	const worth = defaults.ratePriorUnits.value;
	let units = worth;
	// Seconds in the craft's units: what the counted work took over what it should have.
	let times = worth * positive('prior.mean', prior.mean);
	for (const { units: done, personSeconds, defaultSeconds } of work) {
		units += positive('units', done);
		times += positive('personSeconds', personSeconds) / positive('defaultSeconds', defaultSeconds);
	}
	return { mean: times / units, cv: prior.cv * Math.sqrt(worth / units) };
}

/**
 * Timed work as one reading of a rate: seconds a unit over the craft's, so that it can be held
 * against what is known before it counts.
 *
 * @throws DomainError where a figure is not above 0
 * @source bench default for the spread of one table's timing
 */
export const rateReading = ({
	units,
	personSeconds,
	defaultSeconds
}: TimedWork): FactorReading => ({
	ratio:
		positive('personSeconds', personSeconds) /
		(positive('units', units) * positive('defaultSeconds', defaultSeconds)),
	cv: defaults.timedSpread.value
});
