import type { LeverCounts } from '$lib/core/season/forecast';
import { noLevers } from '$lib/core/season/forecast';
import type { NineInTen, SeasonOrder, SeasonSaid } from '$lib/stages/season/season-said';
import type { SeasonBasis, SeasonGoal } from '$lib/stages/season/season-view';
import { simulated } from '$lib/stages/season/season-view';
import { heavily } from '$lib/server/heavy/heavy-work';

/** Forecasts that are remembered: the same season says the same. */
const most = 300;
const said = new Map<string, Promise<SeasonSaid>>();
const changes = new Map<string, Promise<NineInTen | null>>();

/** What is worked out once for each order; what failed is forgotten. */
function once<Said>(
	known: Map<string, Promise<Said>>,
	order: object,
	work: () => Promise<Said>
): Promise<Said> {
	const key = JSON.stringify(order);
	const before = known.get(key);
	if (before) return before;
	if (known.size >= most) known.clear();
	const working = work();
	known.set(key, working);
	working.catch(() => known.delete(key));
	return working;
}

const orderOf = (basis: SeasonBasis, goal: SeasonGoal, levers: LeverCounts): SeasonOrder => ({
	now: simulated(basis, goal),
	wanted: goal.wanted,
	bagsPerMat: basis.bagsPerMat,
	levers
});

/** What is said of a season by a goal, with some levers taken; worked out off the request's thread. */
export function forecastFor(
	basis: SeasonBasis,
	goal: SeasonGoal,
	levers: LeverCounts
): Promise<SeasonSaid> {
	const order = orderOf(basis, goal, levers);
	return once(said, order, () => heavily('season', order));
}

/** The smallest change that makes a goal likely nine times in ten; null where none that was tried does. */
export function changeFor(basis: SeasonBasis, goal: SeasonGoal): Promise<NineInTen | null> {
	const order = orderOf(basis, goal, noLevers);
	return once(changes, order, () => heavily('change', order));
}
