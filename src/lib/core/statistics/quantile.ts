import { within } from '../domain-error';

/**
 * The nearest-rank quantile of numbers that stand in order: the smallest of which at least the share are no larger.
 *
 * @param sorted in rising order, at least one
 * @param share above 0, at most 1
 * @throws DomainError where there is no number, or the share is none
 * @example [0.1, 0.5, 1].map((share) => quantileSorted([1, 2, 3, 4, 5, 6, 7, 8, 9, 10], share)) // [1, 5, 10]
 */
export function quantileSorted(sorted: ArrayLike<number>, share: number): number {
	within('count', sorted.length, { atLeast: 1 });
	within('share', share, { moreThan: 0, atMost: 1 });
	// A share of a count that is whole may come out a hair above it.
	return sorted[Math.max(0, Math.ceil(share * sorted.length - 1e-9) - 1)] as number;
}
