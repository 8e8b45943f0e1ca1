import { weeksKnown } from '../../making/week-habit';
import type { GroupWeeks } from '../../making/group-weeks';
import type { MakerById } from './held';

/** What a maker's weeks to come promise: their mean share, and how unsure one week and the mean of them are. */
export interface WeekPromise {
	readonly mean: number;
	readonly ofWeek: number;
	readonly ofMean: number;
}

/**
 * What a maker's weeks promise, roughly: enough to see which changes are worth a look.
 *
 * @example weekPromise({ id: 'a', weeks: [] }, usualGroup).mean // 0.060
 */
export function weekPromise({ weeks }: MakerById, { each }: GroupWeeks): WeekPromise {
	const { none, some, mu, kappa, a, b, lean } = weeksKnown(weeks, each);
	const variance = b / (a - 1);
	const share = some / (none + some);
	const one = Math.exp(mu + lean + variance / 2);
	const mean = share * one;
	return {
		mean,
		ofWeek: mean * Math.sqrt(Math.exp(variance) / share - 1),
		ofMean:
			mean * Math.hypot(Math.sqrt(variance / kappa), Math.sqrt((1 - share) / share / (none + some)))
	};
}

/**
 * The chance that so many weeks of a maker bring a share of a mat, roughly.
 *
 * @param share 0 to 1
 * @param weeks whole, 0 or more
 * @example chanceOfShare({ mean: 0.1, ofWeek: 0.05, ofMean: 0.02 }, 0.5, 5) // 0.5
 */
export function chanceOfShare(
	{ mean, ofWeek, ofMean }: WeekPromise,
	share: number,
	weeks: number
): number {
	if (weeks <= 0) return 0;
	const apart = (mean * weeks - share) / Math.hypot(ofWeek * Math.sqrt(weeks), ofMean * weeks);
	// A logistic curve is within 0.01 of the normal distribution.
	return 1 / (1 + Math.exp(-1.702 * apart));
}
