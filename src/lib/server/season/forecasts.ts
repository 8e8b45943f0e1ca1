import { noLevers } from '$lib/core/season/forecast';
import type { ExchangeSaid, NineInTen, SeasonSaid } from '$lib/stages/season/season-said';
import type { SeasonAsked, SeasonBasis, SeasonGoal } from '$lib/stages/season/season-view';
import { optionsOf, orderOf } from '$lib/stages/season/season-view';
import { heavily } from '$lib/server/heavy/heavy-work';

/** Forecasts that are remembered: the same season says the same. */
const most = 300;

/** What was worked out of a kind, each order once; what failed is forgotten. */
class Once<Said> {
	readonly #known = new Map<string, Promise<Said>>();
	readonly #done = new Set<string>();

	of(order: object, work: () => Promise<Said>): Promise<Said> {
		const key = JSON.stringify(order);
		const before = this.#known.get(key);
		if (before) return before;
		if (this.#known.size >= most) {
			this.#known.clear();
			this.#done.clear();
		}
		const working = work();
		this.#known.set(key, working);
		working.then(
			() => this.#done.add(key),
			() => this.#known.delete(key)
		);
		return working;
	}

	isDone(order: object): boolean {
		return this.#done.has(JSON.stringify(order));
	}
}

const said = new Once<SeasonSaid>();
const changes = new Once<NineInTen | null>();
const exchanges = new Once<ExchangeSaid[]>();

/** Nothing is changed of a season. */
export const nothingAsked: SeasonAsked = { levers: noLevers, other: null };

/** What is said of a season by a goal, with what is changed of it; worked out off the request's thread. */
export function forecastFor(
	basis: SeasonBasis,
	goal: SeasonGoal,
	asked: SeasonAsked
): Promise<SeasonSaid> {
	const order = orderOf(basis, goal, asked);
	return said.of(order, () => heavily('season', order));
}

/** Whether that was worked out before, and is there at once. */
export const isForecast = (basis: SeasonBasis, goal: SeasonGoal, asked: SeasonAsked): boolean =>
	said.isDone(orderOf(basis, goal, asked));

/** The smallest change that makes a goal likely nine times in ten; null where none that was tried does. */
export function changeFor(basis: SeasonBasis, goal: SeasonGoal): Promise<NineInTen | null> {
	const order = orderOf(basis, goal, nothingAsked);
	return changes.of(order, () => heavily('change', order));
}

/** What each plan would do to a season if all mats were begun by it from now. */
export function exchangesFor(
	basis: SeasonBasis,
	goal: SeasonGoal,
	{ levers }: SeasonAsked
): Promise<ExchangeSaid[]> {
	const order = { order: orderOf(basis, goal, { levers, other: null }), options: optionsOf(basis) };
	return exchanges.of(order, () => heavily('exchanges', order));
}
