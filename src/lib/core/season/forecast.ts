import { quantileSorted } from '../statistics/quantile';
import { groupBy } from '../group-by';
import { within } from '../domain-error';
import type { HoldBack, SeasonChance, SeasonNow, SeasonRun } from './now';
import { holdBacks } from './now';
import { seasonRuns } from './season';

/** Mats by the end of a week: the mean, and 10 and 90 % points. */
export interface SeasonBand {
	readonly low: number;
	readonly expected: number;
	readonly high: number;
}

/** The same with the strand its table days make on average, in mats' worth. */
export interface SeasonWeek extends SeasonBand {
	readonly made: number;
}

/** What a season comes to. */
export interface SeasonForecast {
	/** By the day that is looked to. */
	readonly readyBy: SeasonBand & {
		/** Share of the runs for each count that came. */
		readonly chances: ReadonlyMap<number, number>;
	};
	/** Chance of as many as are wanted. */
	readonly chance: number;
	/** By the end of each week. */
	readonly weeks: readonly SeasonWeek[];
	/** Mats that are begun by the day, on average. */
	readonly begun: number;
	/** Of the runs that fall short, the share that each thing held back; empty where none does. */
	readonly heldBackBy: Partial<Readonly<Record<HoldBack, number>>>;
}

function bandOf(counts: readonly number[]): SeasonBand {
	const sorted = counts.toSorted((one, other) => one - other);
	return {
		low: quantileSorted(sorted, 0.1),
		expected: counts.reduce((sum, count) => sum + count, 0) / Math.max(1, counts.length),
		high: quantileSorted(sorted, 0.9)
	};
}

/** What held one run back that fell short, by its last week. */
function lackOf(
	{ inCheck, ranOutOfBags, isMakerWaiting, isLoomLacking }: SeasonRun,
	count: number,
	wanted: number
): HoldBack {
	if (count + inCheck >= wanted) return 'checks';
	if (ranOutOfBags) return 'bags';
	if (isLoomLacking) return 'looms';
	return isMakerWaiting ? 'strand' : 'makers';
}

/**
 * What runs of a season come to against what is wanted.
 *
 * @param wanted mats by the day, 0 or more
 * @param start mats handed over and ready today: what there is where no week ends by the day
 * @throws DomainError
 * @example forecastOf([{ ready: [5], made: [0], inCheck: 1, begun: 0, ranOutOfBags: false, isMakerWaiting: false, isLoomLacking: false }], 6, 5).heldBackBy // { checks: 1 }
 */
export function forecastOf(
	runs: readonly SeasonRun[],
	wanted: number,
	start: number
): SeasonForecast {
	within('wanted', wanted, { atLeast: 0 });
	const counts = runs.map(({ ready }) => ready.at(-1) ?? start);
	const chances = new Map(
		[
			...groupBy(
				counts.toSorted((one, other) => one - other),
				(count) => count
			)
		].map(([count, own]): [number, number] => [count, own.length / counts.length])
	);
	const short = runs.filter((_, at) => (counts[at] ?? 0) < wanted);
	const lacks = short.map((run) => lackOf(run, run.ready.at(-1) ?? start, wanted));
	return {
		readyBy: { ...bandOf(counts), chances },
		chance: (runs.length - short.length) / Math.max(1, runs.length),
		weeks: Array.from({ length: runs[0]?.ready.length ?? 0 }, (_, week): SeasonWeek => ({
			...bandOf(runs.map(({ ready }) => ready[week] ?? 0)),
			made: runs.reduce((sum, { made }) => sum + (made[week] ?? 0), 0) / runs.length
		})),
		begun: runs.reduce((sum, { begun }) => sum + begun, 0) / Math.max(1, runs.length),
		heldBackBy: Object.fromEntries(
			holdBacks.flatMap((lack) => {
				const count = lacks.filter((one) => one === lack).length;
				return count > 0 ? [[lack, count / short.length]] : [];
			})
		)
	};
}

/** A change of a season that can be thought of. */
export const leverNames = ['table-day', 'two-makers', 'bags-300'] as const;
export type LeverName = (typeof leverNames)[number];

/** Days that are added have streams of their own. */
const addedStream = 500_000;

/**
 * A season with one thing changed: one more table day in the middle, two more makers, 300 bags more.
 *
 * @param bagsPerMat above 0
 * @throws DomainError
 * @example withLever({ weeks: 4, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 1, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, 'bags-300', 300).bagMats // 2
 */
export function withLever(now: SeasonNow, lever: LeverName, bagsPerMat: number): SeasonNow {
	switch (lever) {
		case 'table-day': {
			const added = now.tableDays.filter(({ stream }) => stream >= addedStream).length;
			return {
				...now,
				tableDays: [
					...now.tableDays,
					{
						week: Math.max(1, Math.ceil(now.weeks / 2)),
						// People come to it as to the others; the door has no others and all come.
						attendance:
							now.tableDays.length > 0
								? now.tableDays.reduce((sum, { attendance }) => sum + attendance, 0) /
									now.tableDays.length
								: 1,
						stream: addedStream + added
					}
				]
			};
		}
		case 'two-makers':
			return { ...now, freeMakers: [...now.freeMakers, { weeks: [] }, { weeks: [] }] };
		case 'bags-300':
			return {
				...now,
				bagMats: now.bagMats + 300 / within('bagsPerMat', bagsPerMat, { moreThan: 0 })
			};
	}
}

/**
 * What a change is worth: mats more on average, none where it brings fewer, and all that comes of it by the same chance.
 * Nobody need use it, so that with it nothing is worse than without.
 */
export interface Lever {
	readonly what: LeverName;
	readonly adds: number;
	readonly forecast: SeasonForecast;
}

/**
 * A season's forecast, and what each lever adds by the same chance.
 *
 * @param progress told of each of the forecasts how many of its runs are done, now and then
 * @throws DomainError
 * @example forecastSeason({ weeks: 0, handedOver: 2, ready: 1, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, 3, 550, { seed: 1, runs: 10 }).chance // 1
 */
export function forecastSeason(
	now: SeasonNow,
	wanted: number,
	bagsPerMat: number,
	chance: SeasonChance,
	progress: (done: number) => void = () => {}
): SeasonForecast & { readonly levers: readonly Lever[] } {
	const start = now.handedOver + now.ready;
	const plain = forecastOf(seasonRuns(now, chance, progress), wanted, start);
	return {
		...plain,
		levers: leverNames.map((what) => {
			const changed = forecastOf(
				seasonRuns(withLever(now, what, bagsPerMat), chance, progress),
				wanted,
				start
			);
			const adds = changed.readyBy.expected - plain.readyBy.expected;
			return { what, adds: Math.max(0, adds), forecast: atLeast(changed, plain) };
		})
	};
}

/**
 * A forecast with something more, where that may be left unused: the one without it where that brings more, and never a
 * chance below it.
 *
 * @example atLeast(forecastOf([{ ready: [2], made: [0], inCheck: 0, begun: 0, ranOutOfBags: false, isMakerWaiting: false, isLoomLacking: false }], 3, 0), forecastOf([{ ready: [3], made: [0], inCheck: 0, begun: 0, ranOutOfBags: false, isMakerWaiting: false, isLoomLacking: false }], 3, 0)).readyBy.expected // 3
 */
export const atLeast = (changed: SeasonForecast, plain: SeasonForecast): SeasonForecast =>
	changed.readyBy.expected < plain.readyBy.expected
		? plain
		: { ...changed, chance: Math.max(plain.chance, changed.chance) };

/** How often each lever is taken. */
export type LeverCounts = Readonly<Record<LeverName, number>>;

/** No lever at all. */
export const noLevers: LeverCounts = { 'table-day': 0, 'two-makers': 0, 'bags-300': 0 };

/**
 * A season with several levers, each as often as it is taken.
 *
 * @param counts whole, 0 or more
 * @throws DomainError
 * @example withLevers({ weeks: 4, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, { 'table-day': 0, 'two-makers': 2, 'bags-300': 0 }, 550).freeMakers.length // 4
 */
export function withLevers(now: SeasonNow, counts: LeverCounts, bagsPerMat: number): SeasonNow {
	let changed = now;
	for (const name of leverNames) {
		within(name, counts[name], { atLeast: 0, isWhole: true });
		for (let nth = 0; nth < counts[name]; nth++) changed = withLever(changed, name, bagsPerMat);
	}
	return changed;
}

/** A lever is taken so often at the most, and so many together, when a way is looked for. */
const [mostOfOne, mostTogether] = [4, 6] as const;

/**
 * The smallest change that makes a chance: as few levers as will do, and of those the likeliest. Null where
 * none of those tried does.
 *
 * @param share the chance that is wanted, 0 to 1
 * @throws DomainError
 * @example smallestChange({ weeks: 0, handedOver: 3, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, 3, 550, 0.9, { seed: 1, runs: 10 })?.chance // 1
 */
export function smallestChange(
	now: SeasonNow,
	wanted: number,
	bagsPerMat: number,
	share: number,
	chance: SeasonChance
): { readonly levers: LeverCounts; readonly chance: number } | null {
	within('share', share, { atLeast: 0, atMost: 1 });
	const start = now.handedOver + now.ready;
	const chanceOf = (levers: LeverCounts) =>
		forecastOf(seasonRuns(withLevers(now, levers, bagsPerMat), chance), wanted, start).chance;
	for (let together = 0; together <= mostTogether; together++) {
		let best: { readonly levers: LeverCounts; readonly chance: number } | null = null;
		for (let days = 0; days <= Math.min(mostOfOne, together); days++)
			for (let makers = 0; makers <= Math.min(mostOfOne, together - days); makers++) {
				const bags = together - days - makers;
				if (bags > mostOfOne) continue;
				const levers = { 'table-day': days, 'two-makers': makers, 'bags-300': bags };
				const found = chanceOf(levers);
				if (found >= share && found > (best?.chance ?? -1)) best = { levers, chance: found };
			}
		if (best) return best;
	}
	return null;
}
