import { defaults } from '../defaults';
import type { Work } from '../effort/works';
import { works } from '../effort/works';
import type { Factors, Knowledge } from './factors';
import { bareKnowledge, mediansOf, noFactors } from './factors';

/** Everything a group has learned: its factors, its hands at each work, and what it loses on the way. */
export interface Practice {
	readonly factors: Knowledge;
	/** Multipliers on the default times of each work, which are means, so that hours add up. */
	readonly hands: Readonly<Record<Work, HandKnowledge>>;
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

/** The middle of a practice: one number for each thing it knows. */
export interface Middle {
	readonly factors: Factors;
	readonly hands: Readonly<Record<Work, number>>;
	readonly rejectedShare: number;
	readonly spoiledShare: number;
}

const byWork = <Value>(value: (work: Work) => Value): Record<Work, Value> =>
	Object.fromEntries(works.map((work) => [work, value(work)])) as Record<Work, Value>;

/** Before a group has measured anything. @source bench default */
export const barePractice: Practice = {
	factors: bareKnowledge,
	hands: byWork(() => ({ mean: 1, cv: defaults.flatten.cv })),
	rejectedShare: defaults.rejectedShare.value,
	spoiledShare: defaults.spoiledShare.value
};

export const bareMiddle: Middle = {
	factors: noFactors,
	hands: byWork(() => 1),
	rejectedShare: barePractice.rejectedShare,
	spoiledShare: barePractice.spoiledShare
};

export function middleOf(practice: Practice): Middle {
	if (practice === barePractice) return bareMiddle;
	return {
		factors: mediansOf(practice.factors),
		hands: byWork((work) => practice.hands[work].mean),
		rejectedShare: practice.rejectedShare,
		spoiledShare: practice.spoiledShare
	};
}
