import { bagPresets } from '../bag/presets';
import { startingPlan } from './starting-plan';
import type { Plan } from './types';

const [, { bag: shopBag }, { bag: pouch }] = bagPresets;
const trims = { trimBottomMm: 12, trimTopMm: 15 };
const small = { widthMm: 700, lengthMm: 1600 };

/** For tests: plans of all sorts, so that every cut, joint, technique, tool and finish is met. */
export const plansOfAllSorts: Readonly<Record<string, Plan>> = {
	'equal rings, single crochet across': startingPlan,
	'measured rings spun single, half double lengthwise': {
		...startingPlan,
		cut: { style: 'loops', stripWidthMm: 38, ...trims },
		join: { kind: 'loop', hands: 'wrists', spin: 'single' },
		technique: { kind: 'crochet', stitch: 'hdc', hookMm: 10, direction: 'lengthwise' },
		colours: ['white', 'blue', 'green'],
		work: { cuttingTool: 'rolling-blade', bagsPerBall: 12 },
		finish: { ties: 'none', hasStrap: false }
	},
	'half bags plied, double crochet': {
		...startingPlan,
		bag: shopBag,
		cut: { style: 'half-bag' },
		join: { kind: 'loop', spin: 'two-ply' },
		technique: { kind: 'crochet', stitch: 'dc', hookMm: 20, direction: 'across' },
		target: small
	},
	'a spiral, knotted, on a firm loom with a short piece': {
		...startingPlan,
		cut: { style: 'loops', equalStrips: 3, ...trims },
		join: { kind: 'overhand', spin: 'none' },
		technique: {
			kind: 'peg-loom',
			pitchMm: 25,
			endGapMm: 20,
			packing: 'firm',
			doubleEdges: true,
			weftCut: { style: 'spiral', stripWidthMm: 60, marginMm: 30, ...trims },
			shortPiece: 'end'
		}
	},
	'whole pouches with their top off, on a loose loom': {
		...startingPlan,
		bag: pouch,
		cut: { style: 'whole-tube', handles: 'cut', ...trims },
		technique: {
			kind: 'peg-loom',
			pitchMm: 40,
			packing: 'loose',
			weftCut: { style: 'whole-tube', handles: 'kept', trimBottomMm: 10, trimTopMm: 0 }
		},
		target: small
	},
	'a frame with cloth warps in panels': {
		...startingPlan,
		cut: { style: 'spiral', stripWidthMm: 50, ...trims },
		join: { kind: 'overhand', spin: 'none' },
		technique: {
			kind: 'twined',
			pitchMm: 20,
			warp: 'cloth',
			clothWidthMm: 900,
			frameWidthMm: 500,
			frameLengthMm: 2000
		}
	},
	'a frame with film warps': {
		...startingPlan,
		bag: shopBag,
		technique: { kind: 'twined', pitchMm: 30, warp: 'film', frameWidthMm: 1000 },
		colours: ['grey', 'black']
	},
	'bands of three strands': {
		...startingPlan,
		technique: { kind: 'finger-bands', warpStrands: 3 },
		target: small
	},
	'bands of four spun strands': {
		...startingPlan,
		join: { kind: 'loop', hands: 'tee', spin: 'single' },
		technique: { kind: 'finger-bands', warpStrands: 4 }
	}
};
