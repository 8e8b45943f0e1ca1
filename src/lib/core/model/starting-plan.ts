import { bagPresets } from '../bag/presets';
import type { Plan } from './types';
import { usualFinish, usualSleeperHeightMm, usualWorkSetup } from './types';

/** Where a new plan starts: a thin carrier in four equal rings, single crochet with an 8 mm hook. */
export const startingPlan: Plan = {
	bag: bagPresets[0].bag,
	cut: { style: 'loops', equalStrips: 4, trimBottomMm: 50, trimTopMm: 50 },
	target: { widthMm: 850, lengthMm: 1850 },
	technique: { kind: 'crochet', stitch: 'sc', hookMm: 8, direction: 'across' },
	join: { kind: 'loop', hands: 'drawn', spin: 'none' },
	finish: usualFinish,
	work: usualWorkSetup,
	sleeperHeightMm: usualSleeperHeightMm
};
