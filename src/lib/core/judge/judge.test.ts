import { barePoint } from '../practice/practice';
import { describe, expect, it } from 'vitest';
import { startingPlan } from '../model/starting-plan';
import { bagPresets } from '../bag/presets';
import { modelPlan } from '../model/model';
import { planProblems } from '../model/plan-problems';
import type { Plan } from '../model/types';
import { judgePlan } from './judge-plan';
import type { JudgementCode } from './judgement';

// How the pieces are joined follows the cut.
const base: Plan = { ...startingPlan, join: undefined };
const judged = (plan: Plan) => judgePlan(plan, modelPlan(plan, barePoint));
const [carrier, shopBag] = bagPresets;
const close = { trimBottomMm: 12, trimTopMm: 12 };
const loom: Plan = {
	...base,
	cut: { style: 'whole-tube', ...close },
	technique: {
		kind: 'peg-loom',
		pitchMm: 25,
		packing: 'firm',
		weftCut: { style: 'loops', equalStrips: 2, ...close }
	}
};
const onLoom = (changes: object): Plan => ({
	...loom,
	technique: { ...loom.technique, ...changes } as Plan['technique']
});

/** A plan that earns each call, and one that does not. */
const earned: readonly [JudgementCode, Plan, Plan][] = [
	['film-thin', { ...base, bag: { ...carrier.bag, massG: 1.5 } }, base],
	['film-thick', { ...base, bag: { ...carrier.bag, massG: 52 } }, base],
	[
		'hook-small',
		{ ...base, technique: { kind: 'crochet', stitch: 'sc', hookMm: 4 } },
		startingPlan
	],
	[
		'hook-large',
		{ ...base, technique: { kind: 'crochet', stitch: 'sc', hookMm: 15 } },
		startingPlan
	],
	[
		'cover-gaps',
		{ ...base, technique: { kind: 'crochet', stitch: 'dc', hookMm: 10 } },
		startingPlan
	],
	[
		'offcut-wasteful',
		{
			...base,
			cut: { style: 'loops', stripWidthMm: 100, trimBottomMm: 20, trimTopMm: 15 }
		},
		startingPlan
	],
	['short-strip', { ...base, cut: { style: 'loops', stripWidthMm: 46, ...close } }, startingPlan],
	['strip-weak', { ...base, cut: { style: 'spiral', stripWidthMm: 25, ...close } }, startingPlan],
	[
		'spiral-narrow',
		{ ...base, cut: { style: 'spiral', stripWidthMm: 14, ...close } },
		{ ...base, bag: shopBag.bag, cut: { style: 'spiral', stripWidthMm: 18, ...close } }
	],
	['stack-too-thick', { ...base, bag: { ...shopBag.bag, massG: 18 } }, base],
	['mat-shorter-than-sleeper', { ...base, target: { widthMm: 850, lengthMm: 1500 } }, startingPlan],
	['mat-narrow', { ...base, target: { widthMm: 600, lengthMm: 1850 } }, base],
	['pieces-do-not-fit', onLoom({ endGapMm: 0 }), onLoom({ endGapMm: 100 })],
	[
		'knot-at-peg',
		{ ...onLoom({ endGapMm: 20 }), target: { widthMm: 850, lengthMm: 1678 } },
		{ ...onLoom({ endGapMm: 20, shortPiece: 'middle' }), target: { widthMm: 850, lengthMm: 1678 } }
	],
	['weft-wider-than-warp', onLoom({ weftCut: { style: 'half-bag' } }), loom],
	['warp-crowded', onLoom({ pitchMm: 9 }), loom],
	[
		'rows-meet-wrongly',
		onLoom({ ends: 'both', farFirstPass: 'over' }),
		onLoom({ ends: 'both', farFirstPass: 'under' })
	],
	[
		'panels-needed',
		{ ...base, technique: { kind: 'twined', pitchMm: 14, frameWidthMm: 500 } },
		{ ...base, technique: { kind: 'twined', pitchMm: 14 } }
	],
	[
		'panels-end-to-end',
		{ ...base, technique: { kind: 'twined', pitchMm: 14, frameLengthMm: 1000 } },
		{ ...base, technique: { kind: 'twined', pitchMm: 14 } }
	],
	[
		'size-missed',
		{
			...base,
			cut: { style: 'whole-tube', ...close },
			technique: { kind: 'finger-bands', warpStrands: 4 },
			target: { widthMm: 810, lengthMm: 1850 }
		},
		startingPlan
	]
];

describe('the calls on a plan', () => {
	it.each(earned)('%s is made where it is earned, and only there', (code, with_, without) => {
		expect(judged(with_).map((one) => one.code)).toContain(code);
		expect(judged(without).map((one) => one.code)).not.toContain(code);
	});

	it.each(earned.map(([code, plan]) => [code, plan] as const))(
		'%s is gone after its cure, where it has one',
		(code, plan) => {
			const cure = judged(plan).find((one) => one.code === code)?.cure;
			if (!cure) return;
			const cured = { ...plan, ...cure };
			expect(planProblems(cured)).toEqual([]);
			expect(judged(cured).map((one) => one.code)).not.toContain(code);
		}
	);

	it('of a close mat on a loom is good', () =>
		expect(judged(loom)[0]).toMatchObject({ code: 'cover-close', severity: 'good' }));
});
