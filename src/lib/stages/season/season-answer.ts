import { forecastSeason } from '$lib/core/season/forecast';
import { dayAfter } from '$lib/ui/days';
import type { SeasonCase } from './season-file';

/** The forecast of a season in the words of the JSON door. */
export function seasonAnswer({ today, wanted, now, bagsPerMat, seed, runs }: SeasonCase): object {
	const { readyBy, chance, weeks, heldBackBy, levers } = forecastSeason(now, wanted, bagsPerMat, {
		seed,
		runs
	});
	const { chances, ...band } = readyBy;
	return {
		ready_by: {
			...band,
			chances: Object.fromEntries([...chances].map(([count, share]) => [String(count), share]))
		},
		chance,
		// A week is named by the day it ends before.
		weeks: weeks.map(({ low, expected, high }, nth) => ({
			week: dayAfter(today, 7 * (nth + 1)),
			low,
			expected,
			high
		})),
		held_back_by: heldBackBy,
		levers: levers.map(({ what, adds, forecast }) => ({ what, adds, chance: forecast.chance }))
	};
}
