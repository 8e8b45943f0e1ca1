import type { Bag, BagMeasures } from '../bag/measure-bag';
import { measureBag } from '../bag/measure-bag';
import { cutBag } from '../cut/cut-bag';
import type { Cut } from '../cut/types';
import type { CutYield } from '../cut/yield';
import type { Join } from '../joint/joints';
import type { LikeCut } from '../kinds/like-cut';
import { asItIs, likeCut } from '../kinds/like-cut';
import type { KindOfYield } from '../kinds/mixed-yield';
import { mixedYield, strandShares } from '../kinds/mixed-yield';
import type { Plan, PlanMix } from './types';

/** A plan's bag as the group finds it, and what it gives under the plan's cuts. */
export interface Yields {
	readonly bag: Bag;
	readonly measures: BagMeasures;
	readonly cut: CutYield;
	readonly weft: CutYield | null;
	/** Where there are several kinds, each under its own cut; `cut` and `weft` are then what all of them give. */
	readonly kinds: {
		readonly cut: readonly KindOfYield[];
		readonly cutBags: readonly number[];
		readonly weft: readonly KindOfYield[] | null;
		readonly weftBags: readonly number[];
	} | null;
}

/**
 * What the bags of a plan give: the first half of the chain, which only the bag's mass moves.
 *
 * @throws DomainError where the plan cannot be made
 * @param alsoMass the same of the further kinds of bag, in their order
 * @example yieldsOf(startingPlan, 1.1).bag.massG // 5.72
 */
export function yieldsOf(
	plan: Plan,
	bagMassFactor: number,
	alsoMass: readonly number[] = []
): Yields {
	const bag =
		bagMassFactor === 1 ? plan.bag : { ...plan.bag, massG: plan.bag.massG * bagMassFactor };
	const measures = measureBag(bag);
	const weftCut = plan.technique.kind === 'peg-loom' ? plan.technique.weftCut : null;
	if (plan.mix)
		return mixedYields(plan, plan.mix, { bag, measures }, weftCut, (at) => alsoMass[at] ?? 1);
	return {
		bag,
		measures,
		cut: cutBag(bag, plan.cut, measures, plan.join),
		weft: weftCut && cutBag(bag, weftCut, measures),
		kinds: null
	};
}

/**
 * The same where the bags of one kind weigh more than was thought: they are cut as they were planned.
 *
 * @param nth which kind, the plan's own being 0
 * @param times its mass over what it was
 * @example withHeavier(startingPlan, yieldsOf(startingPlan, 1), 0, 1.1).bag.massG // 5.72
 */
export function withHeavier(plan: Plan, yields: Yields, nth: number, times: number): Yields {
	const { kinds, bag } = yields;
	if (!kinds) return yieldsOf(plan, (bag.massG * times) / plan.bag.massG);
	const heavier = (likes: readonly KindOfYield[], join: Join | undefined) =>
		likes.map((kind, at): KindOfYield => {
			if (at !== nth) return kind;
			const heavy = { ...kind.bag, massG: kind.bag.massG * times };
			const measures = measureBag(heavy);
			return { ...kind, bag: heavy, measures, yield: cutBag(heavy, kind.cut, measures, join) };
		});
	return together(
		yields,
		heavier(kinds.cut, plan.join),
		kinds.weft && heavier(kinds.weft, undefined)
	);
}

/** What several kinds of bag give together, each cut so that its strand is like that of the plan's own. */
function mixedYields(
	plan: Plan,
	{ by, amount, also }: PlanMix,
	own: { readonly bag: Bag; readonly measures: BagMeasures },
	weftCut: Cut | null,
	massOf: (at: number) => number
): Yields {
	const bags = [
		own.bag,
		...also.map(({ bag }, at) => {
			const over = massOf(at);
			return over === 1 ? bag : { ...bag, massG: bag.massG * over };
		})
	];
	const amounts = [amount, ...also.map((kind) => kind.amount)];
	const likesOf = (cut: Cut, join: Join | undefined): LikeCut[] => {
		// The plan's own bag is cut as the plan says, whatever it weighs, and the others like it.
		const { solidSectionMm2: section } = cutBag(own.bag, cut, own.measures);
		return bags.map((bag, at) =>
			at === 0 ? asItIs(bag, cut, own.measures, join) : likeCut(bag, cut, section, join)
		);
	};
	const cuts = likesOf(plan.cut, plan.join);
	const shares = strandShares(
		by,
		amounts,
		cuts.map(({ yield: made }) => made.strandPerBagMm)
	);
	const withShares = (likes: readonly LikeCut[]): KindOfYield[] =>
		likes.map((like, at) => ({ ...like, bag: bags[at] ?? own.bag, share: shares[at] ?? 0 }));
	return together(own, withShares(cuts), weftCut && withShares(likesOf(weftCut, undefined)));
}

/** Kinds of bag as one. */
function together(
	own: { readonly bag: Bag; readonly measures: BagMeasures },
	cutKinds: readonly KindOfYield[],
	weftKinds: readonly KindOfYield[] | null
): Yields {
	const cut = mixedYield(cutKinds);
	const weft = weftKinds && mixedYield(weftKinds);
	return {
		bag: own.bag,
		measures: own.measures,
		cut: cut.yield,
		weft: weft?.yield ?? null,
		kinds: {
			cut: cutKinds,
			cutBags: cut.bagShares,
			weft: weftKinds,
			weftBags: weft?.bagShares ?? cut.bagShares
		}
	};
}
