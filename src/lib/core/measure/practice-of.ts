import type { Work } from '../effort/works';
import { works } from '../effort/works';
import type { FactorName, Knowledge } from '../know/factors';
import { factorNames } from '../know/factors';
import type { Practice } from '../know/practice';
import { barePractice } from '../know/practice';
import { updateByMat } from './mat-reading';
import type { Readings } from './readings';
import type { FactorReading } from './update-factor';
import { updateFactor } from './update-factor';
import type { TimedWork } from './update-rate';
import { updateRate } from './update-rate';

/** Everything a group has measured that counts, in any order. */
export interface Measured {
	readonly readings: readonly Readings[];
	readonly timed: readonly (TimedWork & { readonly work: Work })[];
	/** Share of collected bags rejected, where sorting has been logged. */
	readonly rejectedShare?: number | undefined;
}

/** What a group knows from what it has measured; what it has not stays the craft's own. */
export function practiceOf({ readings, timed, rejectedShare }: Measured): Practice {
	const of = (name: FactorName): FactorReading[] => readings.flatMap((one) => one[name] ?? []);
	const measured = Object.fromEntries(
		factorNames.map((name) => [name, updateFactor(barePractice.factors[name], of(name))])
	) as unknown as Knowledge;
	// A finished mat tells of several factors together, so it comes after what tells of each alone.
	const factors = readings.reduce(
		(known, { mat }) => (mat ? updateByMat(known, mat) : known),
		measured
	);
	return {
		...barePractice,
		factors,
		hands: Object.fromEntries(
			works.map((work) => [
				work,
				updateRate(
					barePractice.hands[work],
					timed.filter((one) => one.work === work)
				)
			])
		) as Practice['hands'],
		rejectedShare: rejectedShare ?? barePractice.rejectedShare
	};
}
