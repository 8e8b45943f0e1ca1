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
}

/** One mat, from the bag to the ties. Millimetres and grams. */
export interface Plan {
	readonly bag: Bag;
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
