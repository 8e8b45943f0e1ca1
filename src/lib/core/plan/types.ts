import type { Bag } from '../bag/measure-bag';
import type { CrochetTechnique, Target } from '../crochet/crochet-mat';
import type { Cut } from '../cut/types';
import type { CuttingTool } from '../effort/stations';
import type { Finish } from '../finish/ties';

export type Technique = CrochetTechnique;

/** How the group works: it changes hours and balls, never the mat. */
export interface Work {
	readonly cuttingTool: CuttingTool;
	readonly bagsPerBall: number;
}

/** One mat, from the bag to the ties. Millimetres and grams. */
export interface Plan {
	readonly bag: Bag;
	readonly cut: Cut;
	readonly target: Target;
	readonly technique: Technique;
	readonly finish?: Finish | undefined;
	readonly work?: Work | undefined;
	/** How tall the sleeper is that the drawing shows, mm. */
	readonly sleeperHeightMm?: number | undefined;
}

export const usualFinish: Finish = { ties: 'chain', hasStrap: true };
export const usualWork: Work = { cuttingTool: 'scissors', bagsPerBall: 20 };
export const usualSleeperHeightMm = 1750;
