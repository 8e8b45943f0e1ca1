import { defaults } from '../defaults';
import { within } from '../domain-error';
import { z90 } from '../statistics/z90';

/** Bags sorted so far from one place, and how many of them were no good for strand. */
export interface SortedSoFar {
	readonly sorted: number;
	readonly rejected: number;
}

/**
 * The share of a place's bags that sorting rejects: the craft's share stands for a first fifty bags,
 * and what was sorted joins them (Beta posterior mean).
 *
 * @throws DomainError where the counts are not 0 or more, or more are rejected than sorted
 * @example rejectRate({ sorted: 150, rejected: 30 }) // 0.18
 */
export function rejectRate({ sorted, rejected }: SortedSoFar): number {
	within('sorted', sorted, { atLeast: 0 });
	within('rejected', rejected, { atLeast: 0, atMost: sorted });
	const worth = defaults.rejectPriorBags.value;
	return (defaults.rejectedShare.value * worth + rejected) / (worth + sorted);
}

/**
 * Where that share is in 8 of 10 cases: the mean of the posterior give or take 1.2816 of its
 * standard deviations, within 0 and 1.
 *
 * @throws DomainError as `rejectRate`
 * @source normal approximation of the Beta posterior, whose counts never sum to less than fifty
 * @example rejectRange({ sorted: 150, rejected: 30 }) // { low: 0.14527, high: 0.21473 }
 */
export function rejectRange(soFar: SortedSoFar): { readonly low: number; readonly high: number } {
	const mean = rejectRate(soFar);
	const worth = defaults.rejectPriorBags.value + soFar.sorted;
	const half = z90 * Math.sqrt((mean * (1 - mean)) / (worth + 1));
	return { low: Math.max(0, mean - half), high: Math.min(1, mean + half) };
}
