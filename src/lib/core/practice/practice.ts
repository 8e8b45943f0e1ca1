import type { Bag } from '../bag/measure-bag';
import { kindOfBag } from '../bag/same-bag';
import { defaults } from '../defaults';
import type { Task } from '../effort/tasks';
import { tasks } from '../effort/tasks';
import type { FactorKnowledge, Factors, Knowledge } from '../factors/factors';
import { bareKnowledge, boundedFactor, mediansOf, noFactors } from '../factors/factors';

/** Whose measures figures rest on: the craft's own where nothing was measured, a group's, or one maker's. */
export type Basis =
	| { readonly of: 'craft' }
	| { readonly of: 'group' }
	| { readonly of: 'maker'; readonly name: string };

/** What a group has found one kind of bag to weigh. */
export interface WeighedKind {
	/** A bag of the kind, with the mass that was expected. */
	readonly bag: Bag;
	/** Mass of one over what was expected. */
	readonly mass: FactorKnowledge;
}

/** Everything a group has learned: its factors, its hands at each work, and what it loses on the way. */
export interface Practice {
	readonly basis: Basis;
	/** Its `bagMass` is for kinds of bag that were not weighed. */
	readonly factors: Knowledge;
	/** The kinds of bag that were weighed, each for itself: heavy pouches say nothing of carriers. */
	readonly weighed: readonly WeighedKind[];
	/** Multipliers on the default times of each work, which are means, so that hours add up. */
	readonly hands: Readonly<Record<Task, HandKnowledge>>;
	/** Share of collected bags rejected at sorting; from 0, below 1. */
	readonly rejectedShare: number;
	/** Share of prepared bags spoiled in work; from 0, below 1. */
	readonly spoiledShare: number;
}

/** What is known of one work's times: their mean over the default, and their spread (coefficient of variation). */
export interface HandKnowledge {
	readonly mean: number;
	readonly cv: number;
}

/** The middle of a practice for one kind of bag: one number for each thing it knows. */
export interface PracticePoint {
	readonly factors: Factors;
	/** Mass of the further kinds of bag over what was expected, in their order; 1 where not given. */
	readonly alsoMass?: readonly number[] | undefined;
	readonly hands: Readonly<Record<Task, number>>;
	readonly rejectedShare: number;
	readonly spoiledShare: number;
}

const byTask = <Value>(value: (work: Task) => Value): Record<Task, Value> =>
	Object.fromEntries(tasks.map((work) => [work, value(work)])) as Record<Task, Value>;

/** Before a group has measured anything. @source bench default */
export const barePractice: Practice = {
	basis: { of: 'craft' },
	factors: bareKnowledge,
	weighed: [],
	hands: byTask(() => ({ mean: 1, cv: defaults.flatten.cv })),
	rejectedShare: defaults.rejectedShare.value,
	spoiledShare: defaults.spoiledShare.value
};

export const barePoint: PracticePoint = {
	factors: noFactors,
	hands: byTask(() => 1),
	rejectedShare: barePractice.rejectedShare,
	spoiledShare: barePractice.spoiledShare
};

/**
 * What a practice knows of work with one kind of bag.
 *
 * @example knowledgeOf(barePractice, bagPresets[0].bag).bagMass // { median: 1, cv: 0.06 }
 */
export function knowledgeOf({ factors, weighed }: Practice, bag: Bag): Knowledge {
	const known = kindOfBag(
		bag,
		weighed.map((kind) => kind.bag)
	);
	const kind = weighed.find((one) => one.bag === known);
	if (!kind) return factors;
	const { median, cv } = kind.mass;
	// Two plans may expect a little more or less of the same kind; what was found is in grams.
	const over = (median * kind.bag.massG) / bag.massG;
	return { ...factors, bagMass: { median: boundedFactor(over), cv } };
}

/**
 * The middle of a practice for plans of one kind of bag.
 *
 * @example pointOf(practiceOf({ basis: { of: 'group' }, readings: [handfulReadings(10, 60, bagPresets[0].bag)], timed: [], rejectedShare: 0.1 }), bagPresets[0].bag).factors.bagMass // 1.1389
 */
export function pointOf(practice: Practice, bag: Bag): PracticePoint {
	if (practice === barePractice) return barePoint;
	return {
		factors: mediansOf(knowledgeOf(practice, bag)),
		hands: byTask((work) => practice.hands[work].mean),
		rejectedShare: practice.rejectedShare,
		spoiledShare: practice.spoiledShare
	};
}
