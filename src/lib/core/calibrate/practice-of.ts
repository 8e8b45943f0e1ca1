import { kindOfBag } from '../bag/same-bag';
import type { Bag } from '../bag/measure-bag';
import type { Task } from '../effort/tasks';
import { tasks } from '../effort/tasks';
import type { FactorKnowledge, FactorName, Knowledge } from '../factors/factors';
import { boundedFactor, factorNames } from '../factors/factors';
import type { Basis, Practice, WeighedKind } from '../practice/practice';
import { barePractice, knowledgeOf } from '../practice/practice';
import { updateByMat } from './mat-reading';
import type { BagMassReading, Readings } from './readings';
import type { FactorReading } from './update-factor';
import { updateFactor } from './update-factor';
import type { TimedWork } from './update-rate';
import { updateRate } from './update-rate';

/** Everything that was measured and counts, in any order. */
export interface Measured {
	/** Whose measures they are. */
	readonly basis: Basis;
	readonly readings: readonly Readings[];
	readonly timed: readonly (TimedWork & { readonly work: Task })[];
	/** Share of collected bags rejected, where sorting has been logged. */
	readonly rejectedShare?: number | undefined;
}

/** A factor within its bound, whatever was kept as measured. */
const bounded = ({ median, cv }: FactorKnowledge): FactorKnowledge => ({
	median: boundedFactor(median),
	cv
});

/** The kinds of bag that were weighed, each with all of its own handfuls. */
function weighedKinds(handfuls: readonly BagMassReading[]): WeighedKind[] {
	const kinds: { bag: Bag; readings: FactorReading[] }[] = [];
	for (const { bag, ratio, cv } of handfuls) {
		const same = kindOfBag(
			bag,
			kinds.map((kind) => kind.bag)
		);
		const kind = kinds.find((one) => one.bag === same);
		const reading = { ratio: (ratio * bag.massG) / (kind?.bag.massG ?? bag.massG), cv };
		if (kind) kind.readings.push(reading);
		else kinds.push({ bag, readings: [reading] });
	}
	return kinds.map(({ bag, readings }) => ({
		bag,
		mass: bounded(updateFactor(barePractice.factors.bagMass, readings))
	}));
}

/** A practice after a finished mat: what it says of its bags stays with their kind. */
function afterMat(practice: Practice, { mat }: Readings): Practice {
	if (!mat) return practice;
	const { bagMass, ...others } = updateByMat(knowledgeOf(practice, mat.bag), mat);
	const factors: Knowledge = { ...others, bagMass: practice.factors.bagMass };
	const same = kindOfBag(
		mat.bag,
		practice.weighed.map((kind) => kind.bag)
	);
	const weighed = practice.weighed.filter(({ bag }) => bag !== same);
	return { ...practice, factors, weighed: [...weighed, { bag: mat.bag, mass: bounded(bagMass) }] };
}

/**
 * What is known from what was measured; what was not stays the craft's own.
 *
 * @example practiceOf({ basis: { of: 'group' }, readings: [handfulReadings(10, 60, bagPresets[0].bag)], timed: [], rejectedShare: 0.1 }).weighed[0]?.mass // { median: 1.1389, cv: 0.018089 }
 */
export function practiceOf({ basis, readings, timed, rejectedShare }: Measured): Practice {
	const isMeasured = readings.length > 0 || timed.length > 0 || rejectedShare !== undefined;
	if (!isMeasured) return barePractice;
	const of = (name: Exclude<FactorName, 'bagMass'>): FactorReading[] =>
		readings.flatMap((one) => one[name] ?? []);
	const factors = Object.fromEntries(
		factorNames.map((name) => [
			name,
			name === 'bagMass'
				? barePractice.factors.bagMass
				: updateFactor(barePractice.factors[name], of(name))
		])
	) as unknown as Knowledge;
	const measured: Practice = {
		...barePractice,
		basis,
		factors,
		weighed: weighedKinds(readings.flatMap((one) => one.bagMass ?? [])),
		hands: Object.fromEntries(
			tasks.map((work) => [
				work,
				updateRate(
					barePractice.hands[work],
					timed.filter((one) => one.work === work)
				)
			])
		) as Practice['hands'],
		rejectedShare: rejectedShare ?? barePractice.rejectedShare
	};
	// A finished mat tells of several factors together, so it comes after what tells of each alone.
	const known = readings.reduce(afterMat, measured);
	return {
		...known,
		factors: Object.fromEntries(
			factorNames.map((name) => [name, bounded(known.factors[name])])
		) as unknown as Knowledge,
		hands: Object.fromEntries(
			tasks.map((work) => [
				work,
				{ ...known.hands[work], mean: boundedFactor(known.hands[work].mean) }
			])
		) as Practice['hands']
	};
}
