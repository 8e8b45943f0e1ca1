import { isVeryBag } from '../bag/bag-figures';
import type { Bag } from '../bag/measure-bag';
import { cutBag } from '../cut/cut-bag';
import type { Cut } from '../cut/types';
import type { CutYield } from '../cut/yield';
import { likeCut } from '../kinds/like-cut';
import { modelPlan } from '../model/model';
import type { Plan } from '../model/types';
import type { PracticePoint } from '../practice/practice';

/** What pieces of a plan are for: a loom's warp and weft are cut apart. */
export const pieceUses = ['strand', 'warp', 'weft'] as const;
export type PieceUse = (typeof pieceUses)[number];

/** A cut that a plan asks for. */
export interface CutOfPlan {
	readonly use: PieceUse;
	readonly cut: Cut;
}

/**
 * The cuts of a plan: one for all its strand, or a loom's warp and its weft.
 *
 * @example cutsOfPlan(startingPlan).map(({ use }) => use) // ['strand']
 */
export const cutsOfPlan = ({ cut, technique }: Plan): CutOfPlan[] =>
	technique.kind === 'peg-loom'
		? [
				{ use: 'warp', cut },
				{ use: 'weft', cut: technique.weftCut }
			]
		: [{ use: 'strand', cut }];

/**
 * What a bag gives cut for a use of a plan; null where the plan has no such use. The join rides along with
 * what is joined as the plan says; a loom's weft is joined in the usual way of its cut. A further kind of
 * a plan of several is cut so that its strand is like that of the plan's own bag.
 *
 * @param bag the plan's own, or another kind that is cut by its rules
 * @throws DomainError where the cut does not fit the bag
 * @example yieldFor(startingPlan, startingPlan.bag, 'strand')?.pieces // 4
 */
export function yieldFor(plan: Plan, bag: Bag, use: PieceUse): CutYield | null {
	const found = cutsOfPlan(plan).find((one) => one.use === use);
	if (!found) return null;
	const join = use === 'weft' ? undefined : plan.join;
	if (!plan.mix?.also.some((kind) => isVeryBag(kind.bag, bag)))
		return cutBag(bag, found.cut, undefined, join);
	const { solidSectionMm2 } = cutBag(plan.bag, found.cut);
	return likeCut(bag, found.cut, solidSectionMm2, join).yield;
}

/** A kind of bag in a plan, and what part of the plan's bags are of it. */
export interface KindOfPlan {
	readonly bag: Bag;
	readonly bagShare: number;
}

/**
 * The kinds of bag of a plan, its own first, each with its share of the bags; one where it has no other.
 *
 * @throws DomainError where the plan cannot be made
 * @example kindsOfPlan(startingPlan, barePoint).map(({ bagShare }) => bagShare) // [1]
 */
export function kindsOfPlan(plan: Plan, middle: PracticePoint): KindOfPlan[] {
	const { bag, mix } = plan;
	if (!mix) return [{ bag, bagShare: 1 }];
	const { kinds, toPrepare } = modelPlan(plan, middle);
	return (kinds ?? []).map((kind, at) => ({
		bag: mix.also[at - 1]?.bag ?? bag,
		bagShare: kind.toPrepare / toPrepare
	}));
}
