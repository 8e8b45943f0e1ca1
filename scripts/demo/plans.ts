import { bagPresets } from '../../src/lib/core/bag/presets';
import type { Plan } from '../../src/lib/core/model/types';

const [carrier, shopBag, pouch] = bagPresets;
const usual = {
	finish: { ties: 'chain', hasStrap: true },
	work: { cuttingTool: 'scissors', bagsPerBall: 20 },
	sleeperHeightMm: 1750
} as const;

/** Plans of the Alder Quay Mat Table, oldest first. */
export const demoPlans: readonly { name: string; plan: Plan; keptOn: string }[] = [
	{
		name: 'First trial, narrow strips',
		keptOn: '2026-09-10T18:40:00Z',
		plan: {
			...usual,
			bag: carrier.bag,
			cut: { style: 'loops', stripWidthMm: 50, trimBottomMm: 12, trimTopMm: 12 },
			target: { widthMm: 900, lengthMm: 1900 },
			technique: { kind: 'crochet', stitch: 'dc', hookMm: 7 }
		}
	},
	{
		name: 'Thick mat from allotment shop bags',
		keptOn: '2026-09-24T19:05:00Z',
		plan: {
			...usual,
			work: { cuttingTool: 'rolling-blade', bagsPerBall: 10 },
			bag: shopBag.bag,
			cut: { style: 'loops', stripWidthMm: 45, trimBottomMm: 12, trimTopMm: 12 },
			target: { widthMm: 800, lengthMm: 1800 },
			technique: { kind: 'crochet', stitch: 'sc', hookMm: 9, direction: 'lengthwise' }
		}
	},
	{
		name: 'Pouches from the depot canteen',
		keptOn: '2026-10-15T18:20:00Z',
		plan: {
			...usual,
			finish: { ties: 'braid', hasStrap: false },
			bag: pouch.bag,
			cut: { style: 'loops', equalStrips: 6, trimBottomMm: 20, trimTopMm: 20 },
			target: { widthMm: 750, lengthMm: 1800 },
			technique: { kind: 'crochet', stitch: 'hdc', hookMm: 12 }
		}
	},
	{
		name: 'Mat for the Causeway Winter Rooms',
		keptOn: '2026-11-19T18:55:00Z',
		plan: {
			...usual,
			bag: carrier.bag,
			cut: { style: 'loops', equalStrips: 4, trimBottomMm: 50, trimTopMm: 50 },
			target: { widthMm: 850, lengthMm: 1850 },
			technique: { kind: 'crochet', stitch: 'sc', hookMm: 8 },
			colours: ['white', 'white', 'blue', 'white', 'yellow', 'green', 'white', 'blue']
		}
	},
	{
		name: 'Loom mat, woven from both ends',
		keptOn: '2026-11-05T19:10:00Z',
		plan: {
			...usual,
			bag: carrier.bag,
			cut: { style: 'whole-tube', trimBottomMm: 50, trimTopMm: 50 },
			target: { widthMm: 750, lengthMm: 1800 },
			technique: {
				kind: 'peg-loom',
				pitchMm: 25,
				endGapMm: 25,
				packing: 'firm',
				weftCut: { style: 'loops', equalStrips: 2, trimBottomMm: 50, trimTopMm: 50 },
				ends: 'both',
				farFirstPass: 'over'
			},
			colours: ['blue', 'grey', 'white', 'grey']
		}
	},
	{
		name: 'Frame mat in two panels',
		keptOn: '2026-10-29T18:35:00Z',
		plan: {
			...usual,
			bag: shopBag.bag,
			cut: { style: 'loops', stripWidthMm: 45, trimBottomMm: 12, trimTopMm: 12 },
			target: { widthMm: 800, lengthMm: 1800 },
			technique: { kind: 'twined', pitchMm: 14, frameWidthMm: 400, frameLengthMm: 1800 },
			colours: ['green', 'white']
		}
	},
	{
		name: 'Bands for the open day',
		keptOn: '2026-11-12T19:20:00Z',
		plan: {
			...usual,
			bag: carrier.bag,
			cut: { style: 'whole-tube', trimBottomMm: 20, trimTopMm: 20 },
			target: { widthMm: 750, lengthMm: 1850 },
			technique: { kind: 'finger-bands', warpStrands: 3 },
			colours: ['white', 'yellow', 'blue']
		}
	}
];
