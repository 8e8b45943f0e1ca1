// Groups drawn by plain distributions: makers log-normal about one mean, their weeks log-normal about their own, table
// days and drop-offs by the size of the group. So many alike show at once whether a forecast leans.
import type { SeasonNow } from '../../src/lib/core/season/now';
import { asBefore } from '../../src/lib/core/season/now';
import type { MadeGroup } from './groups';
import { liveThrough, weeklyTables } from './groups';
import { bell, source } from './makers';

/** How a group differs from the plain ones: its weeks ahead, and whether people are away for some of them. */
export interface EvenKind {
	readonly weeks?: number;
	readonly isAway?: boolean;
}

/** A log-normal amount with a mean and a coefficient of variation. */
function amount(rng: () => number, mean: number, cv: number): number {
	const variance = Math.log1p(cv ** 2);
	return Math.exp(Math.log(mean) - variance / 2 + Math.sqrt(variance) * bell(rng));
}

const between = (rng: () => number, least: number, most: number) =>
	least + Math.floor(rng() * (most - least + 1));

/**
 * One group with so many makers, lived through week by week.
 *
 * @param seed of the group
 * @param least makers it has at the least, and at the most
 */
export function evenGroup(
	seed: number,
	[least, most]: readonly [number, number],
	{ weeks = 0, isAway = false }: EvenKind = {}
): MadeGroup {
	const rng = source(seed);
	const size = between(rng, least, most);
	const past = between(rng, 4, 11);
	const toCome = weeks || between(rng, 8, 19);
	const makers = Array.from({ length: size }, () => {
		const mean = amount(rng, 0.08, 0.6);
		const none = 0.1 + 0.3 * rng();
		return () => (rng() < none ? 0 : amount(rng, mean, 0.5));
	});
	const away = makers.map(() => {
		if (!isAway || rng() < 0.5) return [];
		const from = between(rng, 1, toCome);
		return Array.from({ length: between(rng, 1, 4) }, (_, at) => from + at);
	});
	const dayMean = (0.4 + 1.2 * rng()) * (size <= 10 ? 1 : size <= 45 ? 5 : 12);
	const bagsMean = dayMean * (0.7 + 0.8 * rng());
	const tableDay = () => amount(rng, dayMean, 0.3);
	const sacks = () => amount(rng, bagsMean, 0.5);
	const goodShare = 0.7 + 0.28 * rng();
	const logs = makers.map((week) => Array.from({ length: past }, week));
	const perTableDay = Array.from({ length: past }, tableDay);
	const bagsPerWeek = Array.from({ length: past }, sacks);
	const checked = between(rng, 4, 15);
	let good = 0;
	for (let mat = 0; mat < checked; mat++) if (rng() < goodShare) good++;
	const inHand = Math.max(1, Math.round(size * 0.7));
	const done = makers.slice(0, inHand).map(() => rng());
	const now: SeasonNow = {
		weeks: toCome,
		handedOver: between(rng, 0, 5),
		ready: between(rng, 0, 2),
		inCheck: between(rng, 0, 2),
		mats: done.map((share, at) => ({
			done: share,
			weeks: logs[at] ?? [],
			away: away[at] ?? [],
			isOnLoom: false
		})),
		freeMakers: logs
			.slice(inHand)
			.map((own, at) => ({ weeks: own, away: away[inHand + at] ?? [] })),
		strandMats: dayMean * 6 * rng(),
		bagMats: bagsMean * 10 * rng(),
		bagsPerWeek,
		tableDays: weeklyTables(toCome),
		perTableDay: perTableDay.map((made) => ({ made, isShort: false })),
		checks: { good, mended: checked - good },
		newMat: asBefore,
		looms: null
	};
	return {
		now,
		truth: liveThrough(now, { makers, away, done, tableDay, sacks, goodShare, rng })
	};
}
