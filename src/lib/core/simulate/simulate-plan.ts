import { quantileSorted } from '../statistics/quantile';
import { within } from '../domain-error';
import { tasks } from '../effort/tasks';
import { factorNames, sigmaFromCv } from '../factors/factors';
import type { PracticePoint, Practice } from '../practice/practice';
import { smooth } from '../factors/rounding';
import type { Interval, Tally, TallyName } from '../estimate/estimate';
import { pointValuesOf, tallyNames } from '../estimate/estimate';
import type { KnownFor } from '../model/known-for';
import { knownFor } from '../model/known-for';
import { modelPlan } from '../model/model';
import type { Plan } from '../model/types';
import type { Rng } from '../statistics/rng';
import { randomNormal } from '../statistics/rng';

/** A practice as it might turn out: every uncertain thing drawn from its own log-normal. */
function samplePractice({ practice, knowledge, middle }: KnownFor, rng: Rng): PracticePoint {
	const around = (median: number, cv: number) =>
		median * Math.exp(sigmaFromCv(cv) * randomNormal(rng));
	const aroundMean = (mean: number, cv: number) =>
		around(mean * Math.exp(-Math.log1p(cv * cv) / 2), cv);
	return {
		...middle,
		factors: Object.fromEntries(
			factorNames.map((name) => [name, around(knowledge[name].median, knowledge[name].cv)])
		) as PracticePoint['factors'],
		hands: Object.fromEntries(
			tasks.map((work) => [work, aroundMean(practice.hands[work].mean, practice.hands[work].cv)])
		) as PracticePoint['hands']
	};
}

/**
 * The tally of a plan by simulation: means and 80 % intervals over so many mats made by chance.
 * It is the check of `estimatePlan`, which says the same in closed form. Counts stay smooth, as the
 * closed form has them, and are then set on the whole counts of the mat.
 *
 * @param rng seeded, so that the same seed gives the same tally
 * @param mats a whole number from 100
 * @throws DomainError
 * @example simulatePlan(startingPlan, barePractice, seededRng(7), 200).joints.expected // 2046.3
 */
export function simulatePlan(plan: Plan, practice: Practice, rng: Rng, mats = 4000): Tally {
	within('mats', mats, { atLeast: 100, isWhole: true });
	const known = knownFor(plan, practice);
	const { middle } = known;
	const whole = pointValuesOf(modelPlan(plan, middle));
	const base = pointValuesOf(modelPlan(plan, middle, smooth));
	const samples = Object.fromEntries(
		tallyNames.map((name) => [name, new Float64Array(mats)])
	) as Record<TallyName, Float64Array>;
	for (let mat = 0; mat < mats; mat++) {
		const figures = pointValuesOf(modelPlan(plan, samplePractice(known, rng), smooth));
		for (const name of tallyNames) samples[name][mat] = figures[name];
	}
	const intervalOf = (name: TallyName): Interval => {
		const sorted = samples[name].sort();
		const scale = whole[name] / base[name];
		const at = (share: number) => quantileSorted(sorted, share) * scale;
		let sum = 0;
		for (const value of sorted) sum += value;
		return { expected: (sum / mats) * scale, low: at(0.1), high: at(0.9) };
	};
	return Object.fromEntries(tallyNames.map((name) => [name, intervalOf(name)])) as unknown as Tally;
}
