import type { Bag } from '../bag/measure-bag';
import { measureBag } from '../bag/measure-bag';
import { defaults } from '../defaults';
import { within } from '../domain-error';
import type { Cut } from './types';

export type CuttingTool = 'scissors' | 'rolling-blade';

export interface CuttingStack {
	/** Bags the tool takes usually. */
	readonly bags: number;
	/** Folds in the stack: equal rings of 2, 4 or 8 are folded and folded again for scissors. */
	readonly folds: number;
	/** Layers of film under the blade where there is no gusset, and at one. */
	readonly layers: number;
	readonly layersAtGusset: number;
	/** Film under the blade at its thickest, mm. */
	readonly filmMm: number;
	/** What the tool takes before it tires, mm of film. */
	readonly limitMm: number;
	/** Bags it takes within that limit; 0 where even one is too thick folded so. */
	readonly bagsWithinLimit: number;
}

/**
 * How often equal rings are folded: 2, 4 and 8 by folding, other counts are marked.
 *
 * @example foldsOf({ style: 'loops', equalStrips: 4, trimBottomMm: 50, trimTopMm: 50 }) // 2
 */
export function foldsOf(cut: Cut): number {
	if (cut.style !== 'loops' || cut.equalStrips === undefined) return 0;
	const folds = Math.log2(cut.equalStrips);
	return Number.isInteger(folds) && folds <= 3 ? folds : 0;
}

/**
 * What lies under the blade: bags × 2 walls (4 at a gusset) × 2^folds. A rolling blade runs along a
 * ruler, so its stack is not folded, unless the group folds it.
 *
 * @param bags in the stack, a whole number from 1; the tool's usual stack if not given
 * @param ownFolds as the group itself folds, lengthwise and end folds alike; as the cut asks if not given
 * @throws DomainError
 * @source bench default for the scissors' limit; the rolling blade's is assumed at twice that
 * @example cuttingStack(bagPresets[0].bag, startingPlan.cut, 'scissors', 3) // { bags: 3, folds: 2, layers: 24, layersAtGusset: 48, filmMm: 0.63112, limitMm: 1.5, bagsWithinLimit: 7 }
 */
export function cuttingStack(
	bag: Bag,
	cut: Cut,
	tool: CuttingTool,
	bags?: number,
	ownFolds?: number
): CuttingStack {
	const isBlade = tool === 'rolling-blade';
	const usual = isBlade ? defaults.rollingBladeStack.value : defaults.scissorsStack.value;
	const count = within('bags', bags ?? usual, { atLeast: 1, isWhole: true });
	const folds = ownFolds ?? (isBlade ? 0 : foldsOf(cut));
	const wallsPerBag = 2 * 2 ** folds;
	const atGusset = bag.gussetMm > 0 ? 2 * wallsPerBag : wallsPerBag;
	const { filmThicknessMm } = measureBag(bag);
	const limitMm = isBlade ? defaults.rollingBladeFilmLimit.value : defaults.scissorsFilmLimit.value;
	return {
		bags: count,
		folds,
		layers: count * wallsPerBag,
		layersAtGusset: count * atGusset,
		filmMm: count * atGusset * filmThicknessMm,
		limitMm,
		bagsWithinLimit: Math.floor(limitMm / (atGusset * filmThicknessMm) + 1e-9)
	};
}
