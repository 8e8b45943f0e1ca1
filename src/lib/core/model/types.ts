import type { Bag } from '../bag/measure-bag';
import type { Cut } from '../cut/types';
import { defaults } from '../defaults';
import type { CuttingTool } from '../cut/stack';
import type { Finish } from '../finish/ties';
import type { Join } from '../joint/joints';
import type { Target } from '../mat/made-mat';
import type { Technique } from '../techniques/technique';
import type { ColourName } from '../colour/colours';

/** How the group works: it changes hours and balls, never the mat. */
export interface WorkSetup {
	readonly cuttingTool: CuttingTool;
	readonly bagsPerBall: number;
	/** Bags in a stack and how often it is folded, as the group itself does; what the tool takes usually if not given. */
	readonly stackBags?: number | undefined;
	readonly stackFolds?: number | undefined;
}

/** A kind of bag beside the plan's own. */
export interface AlsoKind {
	/** What the group calls it; its measures are what counts. */
	readonly name?: string | undefined;
	readonly bag: Bag;
	readonly amount: number;
}

/** Several kinds of bag in one mat, each cut so that its strand is like that of the plan's own bag. */
export interface PlanMix {
	/** Amounts are shares of the strand, which stand to each other, or bags on hand. */
	readonly by: 'share' | 'count';
	/** Of the plan's own bag. */
	readonly amount: number;
	readonly also: readonly AlsoKind[];
}

/** One mat, from the bag to the ties. Millimetres and grams. */
export interface Plan {
	readonly bag: Bag;
	/** Further kinds of bag in the mat; the plan's own bag alone if not given. */
	readonly mix?: PlanMix | undefined;
	readonly cut: Cut;
	readonly target: Target;
	readonly technique: Technique;
	/** What goes with the cut if not given. */
	readonly join?: Join | undefined;
	readonly finish?: Finish | undefined;
	readonly work?: WorkSetup | undefined;
	/** How tall the sleeper is that the drawing shows, mm. */
	readonly sleeperHeightMm?: number | undefined;
	/** Colours of the balls in the order they are worked, begun again when they run out. */
	readonly colours?: readonly ColourName[] | undefined;
}

export const usualFinish: Finish = { ties: 'chain', hasStrap: true };
export const usualWorkSetup: WorkSetup = { cuttingTool: 'scissors', bagsPerBall: 20 };
export const usualSleeperHeightMm = defaults.sleeperHeight.value;
