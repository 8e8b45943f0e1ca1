import { within } from '../domain-error';
import { isOfSize } from './promises';
import type { OpenAsk } from './promises';

/** What stands of a mat that can count for an ask. */
export const countingStates = ['ready', 'to-check', 'to-mend', 'being-made'] as const;
export type CountingState = (typeof countingStates)[number];

/** A mat that is there or will be, and how likely it is ready by a day. */
export interface CountingMat {
	readonly code: string;
	readonly state: CountingState;
	readonly planId: string;
	readonly widthMm: number;
	readonly lengthMm: number;
	/** Chance that it is ready by a day such as `2026-12-17`, 0 to 1. */
	readonly chanceBy: (day: string) => number;
}

/** A plan that mats could be begun by. */
export interface PlanToBegin {
	readonly id: string;
	readonly widthMm: number;
	readonly lengthMm: number;
	/** How much the group makes of it: of two that fit, the one with more is begun. */
	readonly weight: number;
}

/** A mat as an ask counts it. */
export interface CountedMat {
	readonly code: string;
	readonly state: CountingState;
	readonly chance: number;
}

/** What one ask comes to. */
export interface AskChain {
	/** Mats that count for it: more likely there by its day than not. */
	readonly counted: readonly CountedMat[];
	/** Mats that may come by its day, and are not counted on. */
	readonly maybe: readonly CountedMat[];
	/** Mats that are to be begun for it, and by which plan; null where no plan fits its size. */
	readonly toBegin: number;
	readonly planId: string | null;
	/** All plans that fit its size. */
	readonly fits: readonly string[];
}

/** A mat counts where it is as likely there as not. */
const leastChance = 0.5;

/**
 * What each ask can count on, and what is to be begun for it: asks of earlier days are served first, each by the mats
 * that are likeliest there by its day; one that asks for a size takes mats and plans of that size alone.
 *
 * @param asks mats still to be handed over, whole, 0 or more
 * @returns in the order of the asks
 * @throws DomainError where an ask is below nothing
 * @example chainOf([{ mats: 2, size: null, byDay: '2026-12-24' }], [{ code: 'A', state: 'ready', planId: 'p', widthMm: 850, lengthMm: 1850, chanceBy: () => 1 }], [{ id: 'p', widthMm: 850, lengthMm: 1850, weight: 1 }])[0]?.toBegin // 1
 */
export function chainOf(
	asks: readonly OpenAsk[],
	mats: readonly CountingMat[],
	plans: readonly PlanToBegin[]
): AskChain[] {
	const order = asks
		.map((ask, at) => ({ ask, at }))
		.toSorted((one, other) =>
			one.ask.byDay < other.ask.byDay ? -1 : one.ask.byDay > other.ask.byDay ? 1 : one.at - other.at
		);
	const taken = new Set<CountingMat>();
	const chains = new Map<number, AskChain>();
	for (const { ask, at } of order) {
		within('mats', ask.mats, { atLeast: 0, isWhole: true });
		const fitting = mats
			.filter((mat) => !taken.has(mat) && isOfSize(mat, ask.size))
			.map((mat) => ({ mat, chance: mat.chanceBy(ask.byDay) }))
			.toSorted(
				(one, other) => other.chance - one.chance || (one.mat.code < other.mat.code ? -1 : 1)
			);
		const likely = fitting.filter(({ chance }) => chance >= leastChance).slice(0, ask.mats);
		for (const { mat } of likely) taken.add(mat);
		const toBegin = ask.mats - likely.length;
		const counted = ({ mat: { code, state }, chance }: (typeof fitting)[number]): CountedMat => ({
			code,
			state,
			chance
		});
		const fits = plans.filter((one) => isOfSize(one, ask.size));
		const plan = fits.toSorted((one, other) => other.weight - one.weight)[0];
		chains.set(at, {
			counted: likely.map(counted),
			maybe:
				toBegin > 0
					? fitting.filter(({ chance }) => chance > 0 && chance < leastChance).map(counted)
					: [],
			toBegin,
			planId: plan?.id ?? null,
			fits: fits.map(({ id }) => id)
		});
	}
	return asks.map(
		(_, at) => chains.get(at) ?? { counted: [], maybe: [], toBegin: 0, planId: null, fits: [] }
	);
}

/**
 * The days by which something is to be there for a mat that is begun: yarn for it, and the bags for that yarn.
 *
 * @param beginBy the latest day on which it is begun
 * @param tableDays days the table meets from today on, the first first
 * @returns the last table day by then that turns bags into yarn; the next there is where none is in time; null where there is none
 * @example yarnDayOf('2026-12-12', ['2026-12-03', '2026-12-10', '2026-12-17']) // '2026-12-10'
 */
export const yarnDayOf = (beginBy: string, tableDays: readonly string[]): string | null =>
	tableDays.findLast((day) => day <= beginBy) ?? tableDays[0] ?? null;
