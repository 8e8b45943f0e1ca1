import { fiveFigures } from '../../../../tests/unit/five-figures';
import type { CutYield } from '../cut/yield';
import { defaults } from '../defaults';
import type { Model } from '../model/model';
import { strandStrength } from '../strand/strength';
import { suitableHookMm } from '../techniques/crochet/hooks';
import type { PegLoomMat } from '../techniques/peg-loom/peg-loom-mat';
import type { Mat } from '../techniques/technique';
import { barePoint } from '../practice/practice';
import { describe, expect, it } from 'vitest';
import { startingPlan } from '../model/starting-plan';
import { bagPresets } from '../bag/presets';
import { modelPlan } from '../model/model';
import { planProblems } from '../model/plan-problems';
import type { Plan } from '../model/types';
import { usualWorkSetup } from '../model/types';
import { judgePlan } from './judge-plan';
import type { Judgement, JudgementCode } from './judgement';

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
	['stack-too-thick', { ...base, bag: { ...shopBag.bag, massG: 20 } }, base],
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

/** What each call says of the plan that earns it: how grave, about what, on which figures, and what cures it. */
const said: Readonly<Record<string, Omit<Judgement, 'code'>>> = {
	'film-thin': { severity: 'change', subject: 'bag', figures: { filmUm: 3.7928 } },
	'film-thick': { severity: 'change', subject: 'bag', figures: { filmUm: 131.48 } },
	'hook-small': {
		severity: 'look',
		subject: 'technique',
		figures: { hookMm: 4, nearMm: 6.9074, farMm: 8.9796, suggestedMm: 8 },
		cure: { technique: { kind: 'crochet', stitch: 'sc', hookMm: 8 } }
	},
	'hook-large': {
		severity: 'look',
		subject: 'technique',
		figures: { hookMm: 15, nearMm: 6.9074, farMm: 8.9796, suggestedMm: 8 },
		cure: { technique: { kind: 'crochet', stitch: 'sc', hookMm: 8 } }
	},
	'cover-gaps': {
		severity: 'change',
		subject: 'technique',
		figures: { cover: 1.2738, close: 1.9, fair: 1.5 }
	},
	'offcut-wasteful': {
		severity: 'look',
		subject: 'cut',
		figures: { offcutMm: 50, evenWidthMm: 116.67, evenStrips: 3 },
		cure: { cut: { style: 'loops', trimBottomMm: 20, trimTopMm: 15, equalStrips: 3 } }
	},
	'short-strip': { severity: 'look', subject: 'cut', figures: { shortMm: 39, stripWidthMm: 46 } },
	'strip-weak': { severity: 'look', subject: 'cut', figures: { holdsN: 3.2871, stripWidthMm: 25 } },
	'spiral-narrow': {
		severity: 'change',
		subject: 'cut',
		figures: { stripWidthMm: 14, leastMm: 20, filmUm: 13.148 },
		cure: { cut: { style: 'spiral', stripWidthMm: 20, trimBottomMm: 12, trimTopMm: 12 } }
	},
	'stack-too-thick': {
		severity: 'look',
		subject: 'cut',
		figures: { bags: 3, layers: 48, filmMm: 2.0497, limitMm: 1.5, bagsWithinLimit: 2 }
	},
	'mat-shorter-than-sleeper': {
		severity: 'look',
		subject: 'size',
		figures: { lengthMm: 1496.4, sleeperMm: 1750 },
		cure: { target: { widthMm: 850, lengthMm: 1780 } }
	},
	'mat-narrow': {
		severity: 'look',
		subject: 'size',
		figures: { widthMm: 600, leastMm: 750 },
		cure: { target: { widthMm: 750, lengthMm: 1850 } }
	},
	'pieces-do-not-fit': {
		severity: 'look',
		subject: 'technique',
		figures: { fitShare: 0.89374, pieces: 4, shortMm: 196.58, isShortened: 0 }
	},
	'knot-at-peg': {
		severity: 'change',
		subject: 'technique',
		figures: { knotMm: 64.576, freeMm: 75 },
		cure: {
			technique: {
				kind: 'peg-loom',
				pitchMm: 25,
				packing: 'firm',
				weftCut: { style: 'loops', equalStrips: 2, trimBottomMm: 12, trimTopMm: 12 },
				endGapMm: 20,
				shortPiece: 'middle'
			}
		}
	},
	'weft-wider-than-warp': {
		severity: 'look',
		subject: 'technique',
		figures: { warpMm: 7.774, weftMm: 8.7036 }
	},
	'warp-crowded': {
		severity: 'look',
		subject: 'technique',
		figures: { pitchMm: 9, needMm: 14 },
		cure: {
			technique: {
				kind: 'peg-loom',
				pitchMm: 14,
				packing: 'firm',
				weftCut: { style: 'loops', equalStrips: 2, trimBottomMm: 12, trimTopMm: 12 }
			}
		}
	},
	'rows-meet-wrongly': {
		severity: 'change',
		subject: 'technique',
		figures: { nearRows: 290, farRows: 290 },
		cure: {
			technique: {
				kind: 'peg-loom',
				pitchMm: 25,
				packing: 'firm',
				weftCut: { style: 'loops', equalStrips: 2, trimBottomMm: 12, trimTopMm: 12 },
				ends: 'both',
				farFirstPass: 'under'
			}
		}
	},
	'panels-needed': {
		severity: 'look',
		subject: 'technique',
		figures: { across: 2, along: 1, seamMm: 1850 }
	},
	'panels-end-to-end': { severity: 'change', subject: 'technique', figures: { along: 2 } },
	'size-missed': {
		severity: 'look',
		subject: 'technique',
		figures: { widthMm: 851.6, wantedMm: 810 }
	}
};

describe('the calls on a plan', () => {
	it.each(earned)('%s says its figures, how grave it is and what cures it', (code, plan) => {
		const calls = judged(plan).filter((one) => one.code === code);
		expect(fiveFigures(calls)).toEqual([{ code, ...said[code] }]);
	});

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

describe('a call begins exactly at its limit', () => {
	const model = modelPlan(base, barePoint);
	const bare = { ...model.yield, shortStripMm: null, offcutMm: 0 };
	const at = (changes: Partial<Model>, plan: Plan = base) => ({
		plan,
		model: { ...model, ...changes }
	});
	const cutAt = (changes: Partial<CutYield>, plan: Plan = base) =>
		at({ yield: { ...bare, ...changes } }, plan);
	const spiral: Plan = { ...base, cut: { style: 'spiral', stripWidthMm: 20, ...close } };
	/** Of an open strip one ply thick, so wide, of film so thick in µm. */
	const strip = (stripWidthMm: number, filmUm: number) =>
		cutAt({ plies: 1, stripWidthMm, solidSectionMm2: (stripWidthMm * filmUm) / 1000 }, spiral);
	const hooked = (hookMm: number): Plan => ({
		...base,
		technique: { kind: 'crochet', stitch: 'sc', hookMm }
	});
	const { near, far } = suitableHookMm(bare.bulkDiameterMm);
	const pull = defaults.carelessPull.value;
	const section = pull / strandStrength(1).jointN;
	const sleeper: Plan = { ...base, sleeperHeightMm: 1800 };
	const sized = (lengthMm: number, widthMm: number) =>
		at({ mat: { ...model.mat, lengthMm, widthMm } as Mat }, sleeper);
	const missed = defaults.missedWidth.value * base.target.widthMm;
	const loomModel = modelPlan(loom, barePoint);
	const loomMat = loomModel.mat as PegLoomMat;
	const loomAt = (changes: Partial<PegLoomMat>) => ({
		plan: loom,
		model: { ...loomModel, mat: { ...loomMat, ...changes } }
	});
	const wide = (widthMm: number) => at({}, { ...base, target: { ...base.target, widthMm } });

	it.each([
		[
			'film-thin',
			(x: number) => at({ filmThicknessMm: x / 1000 }),
			defaults.plausibleFilmMinUm.value,
			-0.01
		],
		[
			'film-thick',
			(x: number) => at({ filmThicknessMm: x / 1000 }),
			defaults.plausibleFilmMaxUm.value,
			0.01
		],
		['hook-small', (x: number) => cutAt({}, hooked(x)), near * 0.8, -0.01],
		['hook-large', (x: number) => cutAt({}, hooked(x)), far * (3.5 / 2.6), 0.01],
		[
			'offcut-wasteful',
			(x: number) => cutAt({ offcutMm: x }),
			defaults.wastefulOffcut.value * bare.stripWidthMm,
			0.01
		],
		['spiral-narrow', (x: number) => strip(x, 13), defaults.spiralLeastWidth.value, -0.01],
		['spiral-narrow', (x: number) => strip(15, x), defaults.thinFilm.value, -0.01],
		['strip-weak', (x: number) => cutAt({ solidSectionMm2: x }), section, -0.01],
		['mat-shorter-than-sleeper', (x: number) => sized(x, 850), 1800, -0.01],
		['mat-narrow', wide, defaults.matLeastWidth.value, -0.01],
		['size-missed', (x: number) => sized(1900, x), base.target.widthMm + missed, 0.01],
		['size-missed', (x: number) => sized(1900, x), base.target.widthMm - missed, -0.01],
		[
			'weft-wider-than-warp',
			(x: number) => loomAt({ weftDiameterMm: x }),
			loomMat.warpDiameterMm,
			0.01
		],
		[
			'warp-crowded',
			(x: number) => loomAt({ pitchMm: x }),
			loomMat.warpDiameterMm + loomMat.weftDiameterMm,
			-0.01
		]
	] as const)('%s', (code, given, limit, beyond) => {
		const isMade = (x: number) => {
			const { plan, model: made } = given(x);
			return judgePlan(plan, made as Model).some((one) => one.code === code);
		};
		expect([isMade(limit), isMade(limit + beyond)]).toEqual([false, true]);
	});

	it('a weak strip is cured by two plies, where it is open, unspun, and two hold', () => {
		const cureOf = (holdsN: number, plan: Plan) => {
			const { model: made } = cutAt({ solidSectionMm2: section * (holdsN / pull) }, plan);
			return judgePlan(plan, made).find((one) => one.code === 'strip-weak')?.cure;
		};
		const two = { join: { kind: 'overhand', spin: 'two-ply' } };
		expect(cureOf(pull / 2, spiral)).toEqual(two);
		expect(cureOf(pull / 2 - 0.01, spiral)).toBeUndefined();
		expect(cureOf(pull / 2, base)).toBeUndefined();
		const spun = { ...spiral, join: { kind: 'overhand', spin: 'single' } } as Plan;
		expect(cureOf(pull / 2, spun)).toBeUndefined();
		const slit = { ...spiral, join: { kind: 'slit', spin: 'none' } } as Plan;
		expect(cureOf(pull / 2, slit)).toEqual({ join: { kind: 'slit', spin: 'two-ply' } });
	});

	it('a cover that is fair is closed by the largest hook that suits, or firm beating', () => {
		const closerOf = (plan: Plan) => {
			const [call] = judged(plan).filter(({ code }) => code.startsWith('cover-'));
			return [call?.code, call?.severity, call?.cure, call?.figures.closerHookMm];
		};
		const { technique } = loom;
		const loose = onLoom({ packing: 'medium', pitchMm: 60 });
		expect(closerOf(loose)[2]).toEqual({
			technique: { ...technique, packing: 'firm', pitchMm: 60 }
		});
		expect(closerOf(onLoom({ pitchMm: 60 }))[2]).toBeUndefined();
		expect(closerOf(startingPlan)).toEqual([
			'cover-fair',
			'look',
			{ technique: { ...startingPlan.technique, hookMm: 7.5 } },
			7.5
		]);
		expect(closerOf(hooked(15))).toEqual([
			'cover-gaps',
			'change',
			{ technique: { kind: 'crochet', stitch: 'sc', hookMm: 7.5 } },
			7.5
		]);
		expect(closerOf({ ...base, technique: { kind: 'crochet', stitch: 'dc', hookMm: 10 } })).toEqual(
			['cover-gaps', 'change', undefined, undefined]
		);
		expect(closerOf(hooked(5))).toEqual(['cover-close', 'good', undefined, undefined]);
	});

	it('a stack of rings or tubes is looked at, as thick as its tool takes; others are cut one by one', () => {
		const heavy = { ...shopBag.bag, massG: 20 };
		const isThick = (plan: Plan) => judged(plan).some(({ code }) => code === 'stack-too-thick');
		expect(isThick({ ...base, bag: heavy, cut: { style: 'half-bag' } })).toBe(false);
		expect(isThick({ ...base, bag: heavy, cut: { style: 'whole-tube', ...close } })).toBe(false);
		expect(
			isThick({ ...base, bag: { ...heavy, massG: 80 }, cut: { style: 'whole-tube', ...close } })
		).toBe(true);
		const blade = { work: { cuttingTool: 'rolling-blade', bagsPerBall: 20 } } as const;
		expect(isThick({ ...base, ...blade, bag: { ...heavy, massG: 25 } })).toBe(true);
		// The group's own stack, as it folds it; what is hard to cut is cut all the same.
		const own = (stackBags: number, stackFolds: number) =>
			isThick({ ...base, work: { ...usualWorkSetup, stackBags, stackFolds } });
		expect([own(9, 2), own(10, 2), own(38, 0), own(39, 0)]).toEqual([false, true, false, true]);
		expect(isThick({ ...base, ...blade })).toBe(false);
	});
});
