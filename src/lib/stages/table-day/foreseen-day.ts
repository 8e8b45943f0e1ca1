import type { LineDay } from '$lib/core/assembly-line/day';
import { plainly } from '$lib/core/assembly-line/day';
import { byStation } from '$lib/core/assembly-line/assembly-line';
import { manyDays } from '$lib/core/assembly-line/many-days';
import { runDay } from '$lib/core/assembly-line/run-day';
import { usualSpreads } from '$lib/core/assembly-line/seeded-chance';
import type { Foreseen } from './day-view';

/** What a day is to come to, as it is kept when it is opened. */
export function foreseenOf(day: LineDay): Foreseen {
	const { counts, seats } = runDay(day, plainly);
	const { low, high } = manyDays(day, { runs: 200, seed: 1, spreads: usualSpreads }, () => {});
	const worked = byStation((station) => {
		let [worksS, lostS] = [0, 0];
		for (const [at, sitting] of day.sittings.entries()) {
			if (sitting.station !== station) continue;
			worksS += seats[at]?.workedS ?? 0;
			lostS += (seats[at]?.starvedS ?? 0) + (seats[at]?.blockedS ?? 0);
		}
		return worksS + lostS > 0 ? worksS / (worksS + lostS) : 1;
	});
	return {
		balls: counts.balls,
		low,
		high,
		worked
	};
}
