import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { planOfShape, planShape } from '../../stages/plan/document/document';
import { estimatePlan, tallyNames } from './estimate';
import { factorNames } from '../factors/factors';
import { barePoint, barePractice } from '../practice/practice';
import { modelPlan } from '../model/model';
import { planProblems } from '../model/plan-problems';
import { anyPlan } from '../model/plan.arbitrary';
import { startingPlan } from '../model/starting-plan';
import type { Plan } from '../model/types';

const worked = JSON.parse(readFileSync('tests/cases/worked.json', 'utf8')) as {
	cases: { plan: unknown }[];
};
const [firstCase, secondCase] = worked.cases;

describe('every plan that can be made', () => {
	it('has mass books that balance: film in is mat, ties, scrap and spoiled', () => {
		fc.assert(
			fc.property(anyPlan, (plan) => {
				const { mass, yield: cut, draws, toPrepare } = modelPlan(plan, barePoint);
				expect(mass.matG + mass.tiesG + mass.scrapG + mass.spoiledG).toBeCloseTo(mass.inG, 6);
				// Before spoilage, film that goes into strand and film that does not make up the used bags.
				const used = draws.reduce((sum, draw) => sum + draw.bags, 0) * plan.bag.massG;
				expect(used / (1 - barePractice.spoiledShare)).toBeCloseTo(toPrepare * plan.bag.massG, 6);
				expect(mass.matG + mass.tiesG + mass.scrapG).toBeCloseTo(used, 6);
				expect(cut.filmUsedG).toBeLessThanOrEqual(plan.bag.massG * (1 + 1e-9));
			})
		);
	});

	it('needs no fewer bags when the mat is made wider', () => {
		fc.assert(
			fc.property(anyPlan, fc.double({ min: 1, max: 2, noNaN: true }), (plan, factor) => {
				const widthMm = Math.min(4000, plan.target.widthMm * factor);
				const wider: Plan = { ...plan, target: { ...plan.target, widthMm } };
				expect(modelPlan(wider, barePoint).bags).toBeGreaterThanOrEqual(
					modelPlan(plan, barePoint).bags * (1 - 1e-12)
				);
			})
		);
	});

	it('has finite figures inside their own intervals', () => {
		fc.assert(
			fc.property(anyPlan, (plan) => {
				const { tally } = estimatePlan(plan, barePractice);
				for (const name of tallyNames) {
					const { expected, low, high } = tally[name];
					expect(Number.isFinite(high), name).toBe(true);
					expect(low).toBeGreaterThan(0);
					expect(low).toBeLessThanOrEqual(expected);
					expect(high).toBeGreaterThanOrEqual(expected);
				}
			})
		);
	});

	it('counts the bags rejected at sorting among those to collect, and the spoiled among those to prepare', () => {
		fc.assert(
			fc.property(anyPlan, (plan) => {
				const { bags, shortPieceBags, tieBags, toPrepare, toCollect } = modelPlan(plan, barePoint);
				expect(toPrepare * 0.92).toBeCloseTo(bags + shortPieceBags + tieBags, 6);
				expect(toCollect * 0.88).toBeCloseTo(toPrepare, 6);
			})
		);
	});
});

describe('an interval', () => {
	const plan = planOfShape(planShape.parse(firstCase?.plan));

	it('shrinks to the figure itself where nothing is uncertain', () => {
		const certain = Object.fromEntries(
			factorNames.map((name) => [name, { median: 1, cv: 0 }])
		) as typeof barePractice.factors;
		const { toCollect } = estimatePlan(plan, { ...barePractice, factors: certain }).tally;
		expect(toCollect.high).toBeCloseTo(toCollect.low, 9);
	});

	it('grows with the spread of what is not measured', () => {
		const factors = { ...barePractice.factors, strandPerStitch: { median: 1, cv: 0.3 } };
		const narrow = estimatePlan(plan, barePractice).tally.strandM;
		const wide = estimatePlan(plan, { ...barePractice, factors }).tally.strandM;
		expect(wide.high / wide.low).toBeGreaterThan(1.5 * (narrow.high / narrow.low));
	});
});

describe('a plan with every length multiplied, and its mass by the cube', () => {
	it.each([0.5, 2, 3])('by %s needs as many bags, stitches and rows', (k) => {
		const plan = planOfShape(planShape.parse(firstCase?.plan));
		const technique = plan.technique;
		if (technique.kind !== 'crochet') throw new Error('the first case is crocheted');
		const scaled: Plan = {
			bag: {
				flatWidthMm: plan.bag.flatWidthMm * k,
				gussetMm: plan.bag.gussetMm * k,
				bodyMm: plan.bag.bodyMm * k,
				handleMm: plan.bag.handleMm * k,
				massG: plan.bag.massG * k ** 3
			},
			cut: { style: 'loops', equalStrips: 4, trimBottomMm: 50 * k, trimTopMm: 50 * k },
			target: { widthMm: plan.target.widthMm * k, lengthMm: plan.target.lengthMm * k },
			technique: { ...technique, hookMm: technique.hookMm * k }
		};
		const [before, after] = [modelPlan(plan, barePoint), modelPlan(scaled, barePoint)];
		expect(after.bags).toBeCloseTo(before.bags, 6);
		expect(after.mat.rows).toBe(before.mat.rows);
		expect(after.mat.cover).toBeCloseTo(before.mat.cover, 9);
		expect(after.mass.matG / before.mass.matG).toBeCloseTo(k ** 3, 6);
	});
});

describe('planProblems', () => {
	const good = planOfShape(planShape.parse(secondCase?.plan));
	const change = (part: 'bag' | 'cut' | 'target' | 'technique', values: object) =>
		({ ...good, [part]: { ...good[part], ...values } }) as Plan;

	it('finds none in a plan that can be made', () => expect(planProblems(good)).toEqual([]));

	it.each([
		['a bag of no width', change('bag', { flatWidthMm: 0 }), 'out-of-bounds', 'bag.flat_width_mm'],
		['a negative gusset', change('bag', { gussetMm: -1 }), 'out-of-bounds', 'bag.gusset_mm'],
		['a mass that is not a number', change('bag', { massG: NaN }), 'out-of-bounds', 'bag.mass_g'],
		['a mat of 1e9', change('target', { widthMm: 1e9 }), 'out-of-bounds', 'target.width_mm'],
		[
			'an endless mat',
			change('target', { lengthMm: Infinity }),
			'out-of-bounds',
			'target.length_mm'
		],
		[
			'a hook of 0.1 mm',
			change('technique', { hookMm: 0.1 }),
			'out-of-bounds',
			'technique.hook_mm'
		],
		[
			'half a ring',
			change('cut', { equalStrips: 2.5, stripWidthMm: undefined }),
			'out-of-bounds',
			'cut.equal_strips'
		],
		[
			'trims larger than the bag',
			change('cut', { trimBottomMm: 400 }),
			'trims-take-all',
			'cut.trim_bottom_mm'
		],
		[
			'a strip wider than the body',
			change('cut', { stripWidthMm: 380 }),
			'strip-wider-than-body',
			'cut.strip_width_mm'
		],
		[
			'strips too narrow to cut',
			change('cut', { equalStrips: 100, stripWidthMm: undefined }),
			'strips-too-narrow',
			'cut.equal_strips'
		],
		[
			'a spiral of less than two turns',
			change('cut', { style: 'spiral', stripWidthMm: 200 }),
			'spiral-too-wide',
			'cut.strip_width_mm'
		],
		[
			'a loop through an open strip',
			{ ...good, cut: { ...good.cut, style: 'spiral' }, join: { kind: 'loop' } } as Plan,
			'joint-not-for-cut',
			'join.kind'
		],
		[
			'five strands in a band',
			change('technique', { kind: 'finger-bands', warpStrands: 5 }),
			'out-of-bounds',
			'technique.warp_strands'
		],
		[
			'a weft cut with trims larger than the bag',
			{
				...good,
				technique: {
					kind: 'peg-loom',
					pitchMm: 25,
					packing: 'firm',
					weftCut: { style: 'loops', equalStrips: 2, trimBottomMm: 20, trimTopMm: 380 }
				}
			} as Plan,
			'trims-take-all',
			'technique.weft_cut.trim_top_mm'
		],
		[
			'both ways of cutting rings',
			change('cut', { equalStrips: 4 }),
			'one-of-two',
			'cut.strip_width_mm'
		],
		[
			'rings lost in their own knots',
			change('bag', { flatWidthMm: 40, gussetMm: 0, massG: 40 }),
			'no-length-after-joint',
			'bag.flat_width_mm'
		]
	])('says what is wrong with %s', (_, plan, code, path) => {
		expect(planProblems(plan)).toEqual([expect.objectContaining({ code, path })]);
	});
});

describe('the figures of the steps', () => {
	const { parts, tally, model } = estimatePlan(startingPlan, barePractice);
	it('carry a range each, and a loom’s split as well', () => {
		expect(parts.strandPerBagM.expected).toBeCloseTo(1.7571, 4);
		// Only the length of a piece moves it, 4 % of it.
		expect(parts.strandPerBagM.high / parts.strandPerBagM.expected).toBeCloseTo(
			Math.exp(1.2816 * Math.sqrt(Math.log1p(0.04 ** 2))),
			3
		);
		expect(parts.warpM).toEqual({ expected: 0, low: 0, high: 0 });
		const { parts: split, model: made } = estimatePlan(
			{
				...startingPlan,
				cut: { style: 'whole-tube', trimBottomMm: 50, trimTopMm: 50 },
				technique: { kind: 'peg-loom', pitchMm: 25, packing: 'firm', weftCut: startingPlan.cut }
			},
			barePractice
		);
		const bags = made.draws.filter(({ role }) => role !== 'ties');
		expect(split.warpBags.expected + split.weftBags.expected).toBeCloseTo(
			bags.reduce((sum, draw) => sum + draw.bags, 0),
			9
		);
		for (const name of ['warpBags', 'weftM', 'weftBags'] as const) {
			expect(split[name].low).toBeLessThan(split[name].expected);
			expect(split[name].high).toBeGreaterThan(split[name].expected);
		}
	});
	it('books joining as the tally’s hours do', () => {
		expect(parts.joinHours.expected).toBeCloseTo(model.seconds.join / 3600, 9);
		expect(parts.joinHours.high / parts.joinHours.low).toBeGreaterThan(
			tally.joints.high / tally.joints.low
		);
	});
});
