import type { HandPlan, HeldSeason } from './held';
import { asHeld } from './held';
import { everyPlan } from './every-plan';
import type { Move, Promises } from './moves';
import { beginMoves, passMoves, promisesOf, promisingFirst } from './moves';
import type { Weighed } from './weighed';
import { keyOf } from './weighed';

/** Fewer plans than this are all weighed. */
const mostOfAll = 1500;
/** Steps of a kind that are looked at in one round where there are many. */
const [widePasses, wideBegins, firstBegins, roundsOfBegin] = [40, 30, 16, 4] as const;
/** A step must add so much to be taken while looking: less is chance. */
const least = 0.002;

/** What a search may spend, and whom it tells. */
export interface SearchBounds {
	/** Plans weighed at the most, and the runs each is weighed with. */
	readonly most: number;
	readonly runs: number;
	readonly progress: (share: number) => void;
}

/** Weighs plans until a search has spent what it may. */
class Looked {
	private readonly seen = new Map<string, { readonly plan: HandPlan; readonly worth: number }>();

	constructor(
		private readonly weighed: Weighed,
		private readonly bounds: SearchBounds
	) {}

	get isSpent(): boolean {
		return this.weighed.count() >= this.bounds.most;
	}

	of(plan: HandPlan): number {
		const worth = this.weighed.of(plan, this.bounds.runs);
		this.seen.set(keyOf(plan), { plan, worth });
		this.bounds.progress(Math.min(1, this.weighed.count() / this.bounds.most));
		return worth;
	}

	/** The best of some plans, none where the search is spent. */
	bestOf(plans: Iterable<HandPlan>): { plan: HandPlan; worth: number } | null {
		let best: { plan: HandPlan; worth: number } | null = null;
		for (const plan of plans) {
			if (this.isSpent) break;
			const worth = this.of(plan);
			if (!best || worth > best.worth + 1e-9) best = { plan, worth };
		}
		return best;
	}

	/** All that were weighed, the best first; of those alike the earlier ones. */
	all(): HandPlan[] {
		return [...this.seen.values()]
			.toSorted((one, other) => other.worth - one.worth)
			.map(({ plan }) => plan);
	}
}

/** Goes from one plan to better ones, a step at a time, until none is. */
function climb(held: HeldSeason, from: HandPlan, promises: Promises, looked: Looked): void {
	let now = { plan: from, worth: looked.of(from) };
	const take = (found: typeof now | null): boolean => {
		if (!found || found.worth < now.worth + least) return false;
		now = found;
		return true;
	};
	const settleBegin = () => {
		take(looked.bestOf(spread(promisingFirst(held, now.plan.passes, promises), firstBegins)));
		for (let round = 0; round < roundsOfBegin && !looked.isSpent; round++)
			if (!take(looked.bestOf(spread(beginMoves(held, now.plan), wideBegins)))) break;
	};
	settleBegin();
	while (!looked.isSpent) {
		const worths = new Map<Move, number>();
		for (const move of passMoves(held, now.plan, promises, widePasses)) {
			if (looked.isSpent) break;
			worths.set(move, looked.of(move.plan));
		}
		const better = [...worths].filter(([, worth]) => worth > now.worth + least);
		if (better.length === 0) return;
		// The best step, and then those that still help beside it.
		const before = now.plan;
		for (const [{ plan }] of better.toSorted(([, one], [, other]) => other - one)) {
			const together = now.plan === before ? plan : beside(held, now.plan, plan);
			if (together && !looked.isSpent) take({ plan: together, worth: looked.of(together) });
		}
		settleBegin();
	}
}

/** Some of a list, evenly spread over it. */
const spread = <Item>(items: readonly Item[], most: number): Item[] =>
	items.length <= most
		? [...items]
		: Array.from({ length: most }, (_, at) => items[Math.floor((at * items.length) / most)]!);

/** A plan with the passes of another beside its own; null where they are in each other's way. */
function beside(held: HeldSeason, plan: HandPlan, other: HandPlan): HandPlan | null {
	const more = other.passes.filter(
		({ mat, to }) => !plan.passes.some((pass) => pass.mat === mat && pass.to === to)
	);
	const taken = new Set(plan.passes.flatMap(({ mat, from, to }) => [mat, from, to]));
	if (
		more.length === 0 ||
		more.some(({ mat, from, to }) => [mat, from, to].some((id) => taken.has(id)))
	)
		return null;
	const gone = new Set(more.map(({ to }) => to));
	const come = more.map(({ from }) => from).filter((id) => other.begin.includes(id));
	return {
		passes: [...plan.passes, ...more],
		begin: [...plan.begin.filter((id) => !gone.has(id)), ...come]
	};
}

/**
 * Plans of a season that bring most, as far as few runs show: all of a small season are looked at, of a larger one those
 * that lead from what is to what is better.
 *
 * @returns the best first; the plan that changes nothing is among them
 * @example plansLookedAt({ season: { weeks: 1, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, mats: [], makers: [] }, { of: () => 1, runsOf: () => [], count: () => 0 }, { most: 5, runs: 1, progress: () => {} }) // [{ passes: [], begin: [] }]
 */
export function plansLookedAt(
	held: HeldSeason,
	weighed: Weighed,
	bounds: SearchBounds
): HandPlan[] {
	const looked = new Looked(weighed, bounds);
	const as = asHeld(held);
	const every = everyPlan(held, Math.min(mostOfAll, bounds.most));
	if (every) {
		looked.bestOf(every);
		return looked.all();
	}
	looked.of(as);
	const promises = promisesOf(held);
	climb(held, as, promises, looked);
	// And once more from the mats where they promise most.
	const hopeful = hopefulPasses(held, promises);
	if (hopeful && !looked.isSpent) climb(held, hopeful, promises, looked);
	return looked.all();
}

/** A start of its own: each mat that promises clearly more in other hands goes there, one after the other. */
function hopefulPasses(held: HeldSeason, promises: Promises): HandPlan | null {
	let plan = asHeld(held);
	for (let nth = 0; nth < held.mats.length; nth++) {
		const [next] = passMoves(held, plan, promises, 1);
		if (!next || next.hope < 0.05) break;
		plan = next.plan;
	}
	return plan.passes.length > 0 ? plan : null;
}
