import { defaults } from '../defaults';
import { randomBeta } from '../statistics/draws';
import { randomNormal } from '../statistics/rng';
import { drawAmount, drawAmountHabit } from './amounts';
import type { SeasonNow } from './now';
import { streamOf, streams } from './streams';

/** What is thought before any was seen, in mats' worth: a table day, a week's bags. */
const { tableDayMats, gatheredMats } = defaults;
const tableDayPrior = { mean: tableDayMats.value, cv: tableDayMats.cv };
const bagsPrior = { mean: gatheredMats.value, cv: gatheredMats.cv };
/** Weeks without bags, and with, before any were seen. */
const bagsChance = {
	none: defaults.weeksPriorWithoutBags.value,
	some: defaults.weeksPriorWithBags.value
};
/** Mats good at once, and mended, before any were checked. */
const checksChance = {
	good: defaults.checksPriorGood.value,
	mended: defaults.checksPriorMended.value
};
/** What the weeks to come bring more or less to all makers alike: weather, holidays. */
const sharedSpread = defaults.weeksOfAllSpread.value;

/** What one run draws that is no maker's own. */
export interface CommonLuck {
	/** Bags that arrive in each week, and strand that each table day could make, in mats' worth: in the order of the days. */
	readonly bags: readonly number[];
	readonly days: readonly number[];
	/** Chance that a mat is good at once, and for each mat in check today whether it is. */
	readonly good: number;
	readonly inCheck: readonly boolean[];
	/** How much all makers' weeks bring beside their own, 1 for as before. */
	readonly together: number;
}

/**
 * Draws what one run shares among its makers: bags, table days, checks, the weather.
 *
 * @param together how far what is known of the makers may lie off for all of them: a standard deviation of logarithms
 * @example drawCommon({ weeks: 1, handedOver: 0, ready: 0, inCheck: 2, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, 0, 1, 0).inCheck.length // 2
 */
export function drawCommon(
	now: SeasonNow,
	together: number,
	seed: number,
	run: number
): CommonLuck {
	const spread = Math.hypot(sharedSpread, together);
	const bagsRng = streamOf(seed, run, streams.bags);
	const noBags = now.bagsPerWeek.filter((bags) => bags === 0).length;
	const noneChance = randomBeta(
		bagsRng,
		bagsChance.none + noBags,
		bagsChance.some + now.bagsPerWeek.length - noBags
	);
	const bagsHabit = drawAmountHabit(
		now.bagsPerWeek.map((made) => ({ made, isShort: false })),
		bagsPrior,
		bagsRng
	);
	const dayHabit = drawAmountHabit(
		now.perTableDay,
		tableDayPrior,
		streamOf(seed, run, streams.days)
	);
	const checkRng = streamOf(seed, run, streams.checks);
	const good = randomBeta(
		checkRng,
		checksChance.good + now.checks.good,
		checksChance.mended + now.checks.mended
	);
	return {
		bags: Array.from({ length: now.weeks }, () => {
			const hasNone = bagsRng() < noneChance;
			const arrived = drawAmount(bagsHabit, bagsRng);
			return hasNone ? 0 : arrived;
		}),
		days: now.tableDays.map(
			({ attendance, stream }) =>
				drawAmount(dayHabit, streamOf(seed, run, streams.toCome + stream)) * attendance
		),
		good,
		inCheck: Array.from({ length: now.inCheck }, () => checkRng() < good),
		together: Math.exp(
			spread * randomNormal(streamOf(seed, run, streams.together)) - spread ** 2 / 2
		)
	};
}
