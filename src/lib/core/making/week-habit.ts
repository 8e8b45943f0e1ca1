import { defaults } from '../defaults';
import { within } from '../domain-error';
import { randomBeta, randomGamma } from '../statistics/draws';
import type { Rng } from '../statistics/rng';
import { randomNormal } from '../statistics/rng';

/**
 * What is known of the weeks of somebody who makes mats: a week brings nothing with a chance of its own,
 * else a share of a mat, log-normal. The chance is beta distributed; mean and spread of the logarithms
 * are normal-inverse-gamma distributed.
 */
export interface WeekKnowledge {
	/** Weeks with nothing, and with something, as the beta distribution counts them. */
	readonly none: number;
	readonly some: number;
	/** Of the logarithms of a week's share: their mean, and the weeks it is worth. */
	readonly mu: number;
	readonly kappa: number;
	/** Of their variance: shape and scale of the inverse gamma. */
	readonly a: number;
	readonly b: number;
	/** Added to the mean of the logarithms of weeks to come, where their mean lies beside that of a log-normal. */
	readonly lean: number;
}

/** Variance of the logarithms of a week's share before any log. */
export const usualVariance = Math.log1p(defaults.weekOfMakerSpread.value ** 2);

/**
 * Before any log: a maker at home makes some 8 % of a mat a week, and one week in four nothing.
 *
 * @source bench default
 */
export const usualWeeks: WeekKnowledge = {
	none: defaults.weeksPriorWithoutRows.value,
	some: defaults.weeksPriorWithRows.value,
	mu: Math.log(defaults.weekOfMaker.value) - usualVariance / 2,
	kappa: 1,
	a: 3,
	b: 2 * usualVariance,
	lean: 0
};

/**
 * What is known after a maker's own weeks.
 *
 * @param weeks shares of a mat, 0 or more, in any order
 * @param before what is known of them before: what is usual, or the group's
 * @throws DomainError where a share is below 0
 * @example [weeksKnown([0.03, 0, 0.05]).none, weeksKnown([0.03, 0, 0.05]).some] // [2, 5]
 */
export function weeksKnown(
	weeks: readonly number[],
	before: WeekKnowledge = usualWeeks
): WeekKnowledge {
	const logs = weeks
		.map((share) => within('share', share, { atLeast: 0 }))
		.filter((share) => share > 0)
		.map(Math.log);
	const { none, some, mu, kappa, a, b, lean } = before;
	const count = logs.length;
	const mean = count > 0 ? logs.reduce((sum, log) => sum + log, 0) / count : 0;
	const squares = logs.reduce((sum, log) => sum + (log - mean) ** 2, 0);
	return {
		none: none + weeks.length - count,
		some: some + count,
		mu: (kappa * mu + count * mean) / (kappa + count),
		kappa: kappa + count,
		a: a + count / 2,
		b: b + squares / 2 + (kappa * count * (mean - mu) ** 2) / (2 * (kappa + count)),
		lean
	};
}

/** The habit of one maker: weeks of a kind. */
export interface WeekHabit {
	/** Chance that a week brings nothing. */
	readonly none: number;
	/** Mean and standard deviation of the logarithms of the share of another. */
	readonly mu: number;
	readonly sigma: number;
}

/**
 * A habit as it may be, by what is known: drawn once, and kept for as long as the maker is the same.
 *
 * @example drawHabit(usualWeeks, seededRng(7)).sigma // 0.46999
 */
export function drawHabit(
	{ none, some, mu, kappa, a, b, lean }: WeekKnowledge,
	rng: Rng
): WeekHabit {
	const chance = randomBeta(rng, none, some);
	const variance = b / randomGamma(rng, a);
	return {
		none: chance,
		mu: mu + lean + Math.sqrt(variance / kappa) * randomNormal(rng),
		sigma: Math.sqrt(variance)
	};
}

/** Numbers that a week takes of its source, whatever it brings. */
export const numbersOfWeek = 3;

/**
 * The share of a mat that one week brings.
 *
 * @example drawWeek({ none: 0, mu: Math.log(0.08), sigma: 0 }, seededRng(7)) // 0.08
 */
export const drawWeek = ({ none, mu, sigma }: WeekHabit, rng: Rng): number => {
	const isNone = rng() < none;
	const share = Math.exp(mu + sigma * randomNormal(rng));
	return isNone ? 0 : share;
};
