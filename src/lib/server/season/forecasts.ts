import { Memo } from '$lib/server/db/cache';
import { noLevers } from '$lib/core/season/forecast';
import type { SeasonAsked, SeasonBasis, SeasonGoal } from '$lib/stages/season/season-view';
import { optionsOf, orderOf } from '$lib/stages/season/season-view';
import type { ChangeSaid } from '$lib/stages/season/season-changes';
import { changesOf } from '$lib/stages/season/season-changes';
import type { effectsSaid } from '$lib/stages/season/season-said';
import { runInWorker } from '$lib/server/heavy/heavy-work';

interface Working<Said> {
	readonly said: Promise<Said>;
	isDone: boolean;
}

/** What was worked out of seasons: the same order says the same; what failed is forgotten. */
class Forecasts<Order, Said> {
	readonly #known = new Memo<Working<Said>>(200);
	/** What orders are known under, by the season as it was read: then they need not be written out again. */
	readonly #keys = new WeakMap<SeasonBasis, Memo<string>>();

	constructor(
		readonly orderOf: (basis: SeasonBasis, goal: SeasonGoal, asked: SeasonAsked) => Order,
		readonly work: (order: Order) => Promise<Said>
	) {}

	#keyOf(...of: readonly [SeasonBasis, SeasonGoal, SeasonAsked]): string {
		const [basis, ...asked] = of;
		const keys = this.#keys.get(basis) ?? new Memo<string>(200);
		this.#keys.set(basis, keys);
		return keys.of(JSON.stringify(asked), () => JSON.stringify(this.orderOf(...of)));
	}

	of(basis: SeasonBasis, goal: SeasonGoal, asked: SeasonAsked): Promise<Said> {
		const key = this.#keyOf(basis, goal, asked);
		return this.#known.of(key, () => {
			const said = this.work(this.orderOf(basis, goal, asked));
			const working: Working<Said> = { said, isDone: false };
			working.said.then(
				() => (working.isDone = true),
				() => this.#known.forget(key)
			);
			return working;
		}).said;
	}

	/** Whether that was worked out before, and is there at once. */
	isDone(basis: SeasonBasis, goal: SeasonGoal, asked: SeasonAsked): boolean {
		return this.#known.get(this.#keyOf(basis, goal, asked))?.isDone ?? false;
	}
}

const said = new Forecasts(orderOf, (order) => runInWorker('season', order));
const changes = new Forecasts(orderOf, (order) => runInWorker('change', order));
const exchanges = new Forecasts(
	(basis: SeasonBasis, goal: SeasonGoal, asked: SeasonAsked) => ({
		order: orderOf(basis, goal, { ...asked, other: null }),
		options: optionsOf(basis)
	}),
	(order) => runInWorker('exchanges', order)
);

/** Nothing is changed of a season. */
export const nothingAsked: SeasonAsked = { levers: noLevers, other: null };

/** What is said of a season by a goal, with what is changed of it; worked out off the request's thread. */
export const forecastFor = (basis: SeasonBasis, goal: SeasonGoal, asked: SeasonAsked) =>
	said.of(basis, goal, asked);

/** Whether that was worked out before, and is there at once. */
export const isForecast = (basis: SeasonBasis, goal: SeasonGoal, asked: SeasonAsked): boolean =>
	said.isDone(basis, goal, asked);

/** The smallest change that makes a goal likely nine times in ten; null where none that was tried does. */
export const changeFor = (basis: SeasonBasis, goal: SeasonGoal) =>
	changes.of(basis, goal, nothingAsked);

/** What changed of a season since a look, and what each change did to a goal, in mats; what did most first. */
export async function changesSince(
	before: SeasonBasis,
	basis: SeasonBasis,
	goal: SeasonGoal
): Promise<ChangeSaid[]> {
	const changes = changesOf(before, basis);
	const undone = changes.flatMap(({ without }) => without ?? []);
	const order = orderOf(basis, goal, nothingAsked);
	const given = { order, without: undone.map((one) => orderOf(one, goal, nothingAsked).now) };
	const effects = undone.length === 0 ? [] : await effectsOf(JSON.stringify(given), given);
	let nth = 0;
	return changes
		.map(({ sort, of, count, without }): ChangeSaid => ({
			sort,
			of,
			count,
			effect: without ? (effects[nth++] ?? 0) : null
		}))
		.toSorted((one, other) => Math.abs(other.effect ?? 0) - Math.abs(one.effect ?? 0));
}

const effectsKnown = new Memo<Promise<readonly number[]>>(200);
/** What changes did, worked out once; what failed is forgotten. */
function effectsOf(key: string, given: Parameters<typeof effectsSaid>[0]) {
	return effectsKnown.of(key, () => {
		const working = runInWorker('effects', given);
		working.catch(() => effectsKnown.forget(key));
		return working;
	});
}

/** What each plan would do to a season if all mats were begun by it from now. */
export const exchangesFor = (basis: SeasonBasis, goal: SeasonGoal, asked: SeasonAsked) =>
	exchanges.of(basis, goal, asked);
