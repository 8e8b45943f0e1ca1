import type { HandPlan, HeldSeason, Pass } from './held';
import { keyOf } from './weighed';
import { asHeld, freeAfter, takersOf } from './held';

/** All ways to choose some of a list, in every order; the whole list as it stands comes first. */
function* ordersOf(ids: readonly string[]): Generator<string[]> {
	yield [...ids];
	function* choose(chosen: readonly string[], left: readonly string[]): Generator<string[]> {
		if (chosen.some((id, at) => id !== ids[at]) || chosen.length < ids.length) yield [...chosen];
		for (const id of left)
			yield* choose(
				[...chosen, id],
				left.filter((other) => other !== id)
			);
	}
	yield* choose([], ids);
}

/** All passings: each mat stays or goes to somebody, and nobody gets a second one. None comes first. */
function* passingsOf(held: HeldSeason): Generator<Pass[]> {
	const { mats } = held;
	const takers = takersOf(held);
	function* from(at: number, passes: readonly Pass[]): Generator<Pass[]> {
		const mat = mats[at];
		if (!mat) {
			const passed = new Set(passes.map((pass) => pass.mat));
			const keeping = new Set(mats.filter(({ id }) => !passed.has(id)).map(({ maker }) => maker));
			if (passes.every(({ to }) => !keeping.has(to))) yield [...passes];
			return;
		}
		yield* from(at + 1, passes);
		if (mat.done >= 1) return;
		for (const to of takers)
			if (to !== mat.maker && passes.every((pass) => pass.to !== to))
				yield* from(at + 1, [...passes, { mat: mat.id, from: mat.maker, to }]);
	}
	yield* from(0, []);
}

/** More mats, or makers, have more plans than anybody counts. */
const [fewMats, fewMakers] = [6, 8] as const;

/**
 * Every plan of a small season: all passings of its mats, and for each all orders of beginning; null where there are more
 * than so many. The one that changes nothing comes first.
 *
 * @example everyPlan({ season: { weeks: 1, handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, mats: [], makers: [{ id: 'a', weeks: [] }] }, 9) // [{ passes: [], begin: ['a'] }, { passes: [], begin: [] }]
 */
export function everyPlan(held: HeldSeason, most: number): HandPlan[] | null {
	if (held.mats.length > fewMats || held.makers.length > fewMakers) return null;
	const plans: HandPlan[] = [asHeld(held)];
	const as = keyOf(asHeld(held));
	for (const passes of passingsOf(held))
		for (const begin of ordersOf(freeAfter(held, passes))) {
			if (keyOf({ passes, begin }) === as) continue;
			if (plans.length >= most) return null;
			plans.push({ passes, begin });
		}
	return plans;
}
