import type { Bag } from '../bag/measure-bag';
import { cutBag } from '../cut/cut-bag';
import type { Cut } from '../cut/types';
import type { CutYield } from '../cut/yield';
import type { Plan } from '../model/types';

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
 * what is joined as the plan says; a loom's weft is joined in the usual way of its cut.
 *
 * @param bag the plan's own, or another kind that is cut by its rules
 * @throws DomainError where the cut does not fit the bag
 * @example yieldFor(startingPlan, startingPlan.bag, 'strand')?.pieces // 4
 */
export function yieldFor(plan: Plan, bag: Bag, use: PieceUse): CutYield | null {
	const found = cutsOfPlan(plan).find((one) => one.use === use);
	if (!found) return null;
	return use === 'weft' ? cutBag(bag, found.cut) : cutBag(bag, found.cut, undefined, plan.join);
}
