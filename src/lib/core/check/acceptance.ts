import { defaults } from '../defaults';
import { within } from '../domain-error';

/** The share of mats that are good at once, with its 80 % interval. */
export interface Acceptance {
	readonly expected: number;
	readonly low: number;
	readonly high: number;
	/** Mats it rests on: of none it is the craft's alone. */
	readonly checked: number;
	/** Fewer mats than this say little. */
	readonly isThin: boolean;
}

/** So many checks make a share worth a word. */
const enough = 12;

/**
 * The share of mats that are good at their first check: Beta(4 + good, 1 + mended), its 80 % interval by
 * the distribution itself.
 *
 * @param good mats good at their first check, whole, 0 or more
 * @param others mats that were not
 * @throws DomainError
 * @source bench default for the prior
 * @example acceptanceOf(11, 2).expected // 0.83333
 */
export function acceptanceOf(good: number, others: number): Acceptance {
	within('good', good, { atLeast: 0, isWhole: true });
	within('others', others, { atLeast: 0, isWhole: true });
	const { checksPriorGood, checksPriorMended } = defaults;
	const [a, b] = [checksPriorGood.value + good, checksPriorMended.value + others];
	// Whole numbers: the distribution is a sum of binomial terms, taken as logarithms, and is turned round by halving.
	const below = (share: number): number => {
		const count = a + b - 1;
		const odds = Math.log(share) - Math.log1p(-share);
		let log = count * Math.log1p(-share);
		let sum = 0;
		for (let at = 0; at <= count; at++) {
			if (at >= a) sum += Math.exp(log);
			log += Math.log((count - at) / (at + 1)) + odds;
		}
		return sum;
	};
	const pointOf = (wanted: number): number => {
		let [low, high] = [0, 1];
		for (let step = 0; step < 50; step++) {
			const middle = (low + high) / 2;
			if (below(middle) < wanted) low = middle;
			else high = middle;
		}
		return (low + high) / 2;
	};
	return {
		expected: a / (a + b),
		low: pointOf(0.1),
		high: pointOf(0.9),
		checked: good + others,
		isThin: good + others < enough
	};
}
