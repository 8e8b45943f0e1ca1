import type { Bag } from '../bag/measure-bag';
import { measureBag } from '../bag/measure-bag';
import { defaults } from '../defaults';
import { within } from '../domain-error';
import { wholeIn } from '../factors/rounding';

/** What a stack may be cut with. */
export const stackTools = ['scissors', 'rolling-blade', 'blunt-scissors'] as const;
export type StackTool = (typeof stackTools)[number];

/** Whether the tool cuts it, cuts it hard, or tires on it: advice and no more, for hands differ. */
export type StackVerdict = 'cuts' | 'hard' | 'too-thick';

export interface OwnStack {
	/** Walls of film where there is no gusset, and at one. */
	readonly layers: number;
	readonly layersAtGusset: number;
	/** Film under the tool at its thickest, and what the tool takes, mm. */
	readonly filmMm: number;
	readonly limitMm: number;
	/** Bags within that limit; 0 where even one is too thick folded so. */
	readonly mostBags: number;
	/** Time to cut, s a bag. */
	readonly secondsPerBag: number;
	readonly verdict: StackVerdict;
}

/** What may be typed of a stack. */
export const stackLimits = {
	bags: { atLeast: 1, atMost: 100, isWhole: true },
	folds: { atLeast: 0, atMost: 5, isWhole: true }
} as const;

const filmLimit: Readonly<Record<StackTool, number>> = {
	scissors: defaults.scissorsFilmLimit.value,
	'rolling-blade': defaults.rollingBladeFilmLimit.value,
	'blunt-scissors': defaults.bluntScissorsFilmLimit.value
};

/**
 * A stack as the group itself makes it: bags and folds it likes, what lies under the tool, and what
 * that tool takes.
 *
 * @param bags in the stack, whole, 1 to 100
 * @param folds lengthwise and end folds alike, whole, 0 to 5
 * @throws DomainError
 * @source bench default
 * @example ownStack(bagPresets[0].bag, 'rolling-blade', 50, 0).mostBags // 57
 */
export function ownStack(bag: Bag, tool: StackTool, bags: number, folds: number): OwnStack {
	within('bags', bags, stackLimits.bags);
	within('folds', folds, stackLimits.folds);
	const walls = 2 * 2 ** folds;
	const wallsAtGusset = bag.gussetMm > 0 ? 2 * walls : walls;
	const perBagMm = wallsAtGusset * measureBag(bag).filmThicknessMm;
	const filmMm = bags * perBagMm;
	const limitMm = filmLimit[tool];
	const [stackS, bagS] =
		tool === 'rolling-blade'
			? [defaults.cutBladeStack.value, defaults.cutBladeBag.value]
			: [defaults.cutScissorsStack.value, defaults.cutScissorsBag.value];
	const tired = filmMm / limitMm - 1e-9;
	return {
		layers: bags * walls,
		layersAtGusset: bags * wallsAtGusset,
		filmMm,
		limitMm,
		mostBags: wholeIn(limitMm / perBagMm),
		secondsPerBag: stackS / bags + bagS,
		verdict: tired <= 1 ? 'cuts' : tired <= defaults.hardFilm.value ? 'hard' : 'too-thick'
	};
}
