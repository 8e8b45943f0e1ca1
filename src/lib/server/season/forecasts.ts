import { noLevers } from '$lib/core/season/forecast';
import type { SeasonAsked, SeasonBasis, SeasonGoal } from '$lib/stages/season/season-view';
import { optionsOf, orderOf } from '$lib/stages/season/season-view';
import { heavily } from '$lib/server/heavy/heavy-work';

/** Orders whose answers are remembered. */
const most = 200;

/** What was worked out of seasons: the same order says the same; what failed is forgotten. */
class Once<Order, Said> {
	readonly #known = new Map<string, Promise<Said>>();
	/** The same by the season as it was read: then its order need not be written out. */
	readonly #read = new WeakMap<SeasonBasis, Map<string, Promise<Said>>>();
	readonly #done = new WeakSet<Promise<Said>>();

	constructor(
		readonly orderOf: (basis: SeasonBasis, goal: SeasonGoal, asked: SeasonAsked) => Order,
		readonly work: (order: Order) => Promise<Said>
	) {}

	of(basis: SeasonBasis, goal: SeasonGoal, asked: SeasonAsked): Promise<Said> {
		const read = this.#read.get(basis) ?? new Map<string, Promise<Said>>();
		this.#read.set(basis, read);
		const key = JSON.stringify([goal, asked]);
		const before = read.get(key);
		if (before) return before;
		const working = this.#working(this.orderOf(basis, goal, asked));
		read.set(key, working);
		working.catch(() => read.delete(key));
		return working;
	}

	#working(order: Order): Promise<Said> {
		const key = JSON.stringify(order);
		const before = this.#known.get(key);
		if (before) return before;
		if (this.#known.size >= most) this.#known.clear();
		const working = this.work(order);
		this.#known.set(key, working);
		working.then(
			() => this.#done.add(working),
			() => this.#known.delete(key)
		);
		return working;
	}

	/** Whether that was worked out before, and is there at once. */
	isDone(basis: SeasonBasis, goal: SeasonGoal, asked: SeasonAsked): boolean {
		const known =
			this.#read.get(basis)?.get(JSON.stringify([goal, asked])) ??
			this.#known.get(JSON.stringify(this.orderOf(basis, goal, asked)));
		return known !== undefined && this.#done.has(known);
	}
}

const said = new Once(orderOf, (order) => heavily('season', order));
const changes = new Once(orderOf, (order) => heavily('change', order));
const exchanges = new Once(
	(basis: SeasonBasis, goal: SeasonGoal, asked: SeasonAsked) => ({
		order: orderOf(basis, goal, { ...asked, other: null }),
		options: optionsOf(basis)
	}),
	(order) => heavily('exchanges', order)
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

/** What each plan would do to a season if all mats were begun by it from now. */
export const exchangesFor = (basis: SeasonBasis, goal: SeasonGoal, asked: SeasonAsked) =>
	exchanges.of(basis, goal, asked);
