import { keptSeasons } from '../kept-luck';
import type { SeasonRun } from '../now';
import type { HandPlan, HeldSeason } from './held';
import { asHeld, seasonWith } from './held';

/** What a run of a season is worth: mats in time. */
export type RunWorth = (run: SeasonRun) => number;

/** Plans of one season weighed against each other by the same luck. */
export interface Weighed {
	/** Mean worth of a plan over so many runs; each is gone through once. */
	readonly of: (plan: HandPlan, runs: number) => number;
	/** All its runs. */
	readonly runsOf: (plan: HandPlan, runs: number) => readonly SeasonRun[];
	/** Plans weighed so far. */
	readonly count: () => number;
}

/**
 * A plan as a key: what is passed to whom, who begins in which order.
 *
 * @example keyOf({ passes: [], begin: ['a'] }) // '[[],["a"]]'
 */
export const keyOf = ({ passes, begin }: HandPlan): string =>
	JSON.stringify([passes.map(({ mat, to }) => [mat, to]).toSorted(), begin]);

/**
 * What runs are worth on average; nothing for none.
 *
 * @example meanWorth([{ ready: [3], made: [0], inCheck: 0, begun: 0, ranOutOfBags: false, isMakerWaiting: false, isLoomLacking: false }], ({ ready }) => ready[0] ?? 0) // 3
 */
export const meanWorth = (runs: readonly SeasonRun[], worth: RunWorth): number =>
	runs.reduce((sum, run) => sum + worth(run), 0) / Math.max(1, runs.length);

/**
 * Weighs plans of a season by the same luck.
 *
 * @throws DomainError
 * @example weighed({ season: { weeks: 1, handedOver: 2, ready: 1, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, mats: [], makers: [] }, 1, ({ ready }) => ready.at(-1) ?? 0).of({ passes: [], begin: [] }, 5) // 3
 */
export function weighed(held: HeldSeason, seed: number, worth: RunWorth): Weighed {
	const seasons = keptSeasons(seasonWith(held, asHeld(held)), seed);
	const known = new Map<string, number>();
	const runsOf = (plan: HandPlan, runs: number) => seasons.runsOf(seasonWith(held, plan), runs);
	return {
		of(plan, runs) {
			const key = `${runs} ${keyOf(plan)}`;
			const mean = known.get(key) ?? meanWorth(runsOf(plan, runs), worth);
			known.set(key, mean);
			return mean;
		},
		runsOf,
		count: () => known.size
	};
}
