import type { HoldBack, SeasonNow } from '$lib/core/season/season';
import type { Lever, LeverCounts, SeasonBand } from '$lib/core/season/forecast';
import {
	forecastOf,
	forecastSeason,
	leverNames,
	smallestChange,
	withLevers
} from '$lib/core/season/forecast';
import { seasonRuns } from '$lib/core/season/season';

/** A season that is asked about. */
export interface SeasonOrder {
	readonly now: SeasonNow;
	readonly wanted: number;
	readonly bagsPerMat: number;
	/** Levers that are taken. */
	readonly levers: LeverCounts;
}

/** What is said of a season. */
export interface SeasonSaid {
	readonly expected: number;
	readonly low: number;
	readonly high: number;
	readonly chance: number;
	readonly weeks: readonly SeasonBand[];
	readonly heldBackBy: Partial<Readonly<Record<HoldBack, number>>>;
	/** What one more of each lever adds. */
	readonly levers: readonly Lever[];
	/** The same with no lever taken; null where none is. */
	readonly plain: { readonly expected: number; readonly chance: number } | null;
}

export type NineInTen = NonNullable<ReturnType<typeof smallestChange>>;

/** Seasons that a forecast rests on: the same number everywhere, so that page and paper say the same. */
const chance = { seed: 1, runs: 2000 } as const;
/** Seasons that a way is looked for with. */
const quick = { seed: 1, runs: 400 } as const;

/** What is said of a season with its levers. */
export function seasonSaid({ now, wanted, bagsPerMat, levers }: SeasonOrder): SeasonSaid {
	const changed = withLevers(now, levers, bagsPerMat);
	const { readyBy, ...said } = forecastSeason(changed, wanted, bagsPerMat, chance);
	const { expected, low, high } = readyBy;
	const isPlain = leverNames.every((name) => levers[name] === 0);
	const plain = isPlain
		? null
		: forecastOf(seasonRuns(now, chance), wanted, now.handedOver + now.ready);
	return {
		expected,
		low,
		high,
		...said,
		plain: plain && { expected: plain.readyBy.expected, chance: plain.chance }
	};
}

/** The smallest change that makes as many as are wanted likely: nine times in ten. */
export const nineInTen = ({ now, wanted, bagsPerMat }: SeasonOrder) =>
	smallestChange(now, wanted, bagsPerMat, 0.9, quick);
