import type { Bag } from '../bag/measure-bag';
import { measureBag } from '../bag/measure-bag';
import { defaults } from '../defaults';
import { within } from '../domain-error';
import { wholeIn } from '../factors/rounding';
import type { Cut } from './types';

/** What a stack may be cut with. */
export const stackTools = ['scissors', 'rolling-blade', 'blunt-scissors'] as const;
export type StackTool = (typeof stackTools)[number];
/** What a table day is planned with. */
export type CuttingTool = Exclude<StackTool, 'blunt-scissors'>;

/** Whether the tool cuts it, cuts it hard, or tires on it: advice and no more, for hands differ. */
export type StackVerdict = 'cuts' | 'hard' | 'too-thick';

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
	readonly verdict: StackVerdict;
}

/** What each tool takes: bags usually, film, mm, and time for a stack and for each bag in it, s. */
const byTool: Readonly<
	Record<StackTool, { usualBags: number; limitMm: number; stackS: number; bagS: number }>
> = {
	scissors: {
		usualBags: defaults.scissorsStack.value,
		limitMm: defaults.scissorsFilmLimit.value,
		stackS: defaults.cutScissorsStack.value,
		bagS: defaults.cutScissorsBag.value
	},
	'rolling-blade': {
		usualBags: defaults.rollingBladeStack.value,
		limitMm: defaults.rollingBladeFilmLimit.value,
		stackS: defaults.cutBladeStack.value,
		bagS: defaults.cutBladeBag.value
	},
	'blunt-scissors': {
		usualBags: defaults.scissorsStack.value,
		limitMm: defaults.bluntScissorsFilmLimit.value,
		stackS: defaults.cutScissorsStack.value,
		bagS: defaults.cutScissorsBag.value
	}
};

/**
 * Time to cut one bag of a stack, s: its share of setting the stack up with it.
 *
 * @param bags in the stack; as many as the tool takes usually if not given
 * @source bench default: 60 s a stack of three and 4 s a bag by scissors, 150 s a stack of twenty and 2 s a bag by rolling blade
 * @example [stackSecondsPerBag('scissors'), stackSecondsPerBag('rolling-blade', 50)] // [24, 5]
 */
export function stackSecondsPerBag(tool: StackTool, bags = byTool[tool].usualBags): number {
	const { stackS, bagS } = byTool[tool];
	return stackS / bags + bagS;
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
 * What is under the blade: bags × 2 walls (4 at a gusset) × 2^folds. A rolling blade runs along a
 * ruler, so its stack is not folded, unless the group folds it.
 *
 * @param bags in the stack, a whole number from 1; the tool's usual stack if not given
 * @param ownFolds as the group itself folds, lengthwise and end folds alike; as the cut asks if not given
 * @throws DomainError
 * @source bench default for the scissors' limit; the rolling blade's is assumed at twice that
 * @example cuttingStack(bagPresets[0].bag, startingPlan.cut, 'scissors', 3) // { bags: 3, folds: 2, layers: 24, layersAtGusset: 48, filmMm: 0.63112, limitMm: 1.5, bagsWithinLimit: 7, verdict: 'cuts' }
 */
export const cuttingStack = (
	bag: Bag,
	cut: Cut,
	tool: CuttingTool,
	bags: number = byTool[tool].usualBags,
	ownFolds?: number
): CuttingStack =>
	foldedStack(bag, tool, bags, ownFolds ?? (tool === 'rolling-blade' ? 0 : foldsOf(cut)));

/**
 * The same of a stack that is folded so often.
 *
 * @throws DomainError
 * @example foldedStack(bagPresets[0].bag, 'blunt-scissors', 2, 3).verdict // 'hard'
 */
export function foldedStack(bag: Bag, tool: StackTool, bags: number, folds: number): CuttingStack {
	const count = within('bags', bags, { atLeast: 1, isWhole: true });
	const walls = 2 * 2 ** folds;
	const wallsAtGusset = bag.gussetMm > 0 ? 2 * walls : walls;
	const perBagMm = wallsAtGusset * measureBag(bag).filmThicknessMm;
	const { limitMm } = byTool[tool];
	const filmMm = count * perBagMm;
	const tired = filmMm / limitMm - 1e-9;
	return {
		bags: count,
		folds,
		layers: count * walls,
		layersAtGusset: count * wallsAtGusset,
		filmMm,
		limitMm,
		bagsWithinLimit: wholeIn(limitMm / perBagMm),
		verdict: tired <= 1 ? 'cuts' : tired <= defaults.hardFilm.value ? 'hard' : 'too-thick'
	};
}
