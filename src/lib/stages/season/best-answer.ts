import { bestPlan } from '$lib/core/season/best/best-plan';
import type { SeasonForecast } from '$lib/core/season/forecast';
import type { BestCase } from './best-file';

const outlook = ({ readyBy: { expected }, chance }: SeasonForecast) => ({ expected, chance });

/** The best plan of a season in the words of the JSON door. */
export function bestAnswer({ held, wanted, seed, runs }: BestCase): object {
	const { asIs, best, passes, begin } = bestPlan(held, wanted, { seed, runs });
	return {
		as_is: outlook(asIs),
		best: outlook(best),
		passes: passes.map(({ mat, from, to }) => ({ mat, from, to })),
		begin
	};
}
