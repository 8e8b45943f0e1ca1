import { defaults } from '../defaults';
import { within } from '../domain-error';

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
