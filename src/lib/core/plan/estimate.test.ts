import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { planOfShape, planShape } from '../../plan/document';
import { estimatePlan, tallyNames } from './estimate';
import { bareKnowledge } from './factors';
import { modelPlan } from './model';
import { planProblems } from './plan-problems';
import { anyPlan } from './plan.arbitrary';
import type { Plan } from './types';

interface WorkedCase {
	name: string;
	plan: unknown;
	expected: Record<string, number>;
}
const worked = JSON.parse(readFileSync('tests/cases/worked.json', 'utf8')) as {
	cases: WorkedCase[];
};
const ringCases = worked.cases.filter(({ name }) =>
	/crochet-(single-quarter|double-50mm)/.test(name)
);

describe('the worked crochet cases with rings', () => {
	it('are the two that the craft gives', () => expect(ringCases).toHaveLength(2));

	it.each(ringCases)('$name comes out to a tenth of a percent', ({ plan, expected }) => {
		const model = modelPlan(planOfShape(planShape.parse(plan)));
		const got: Record<string, number> = {
			strip_width_mm: model.yield.stripWidthMm,
			pieces_per_bag: model.yield.pieces,
			strand_per_bag_m: model.yield.strandPerBagMm / 1000,
			film_um: model.filmThicknessMm * 1000,
			strand_mm: model.yield.bulkDiameterMm,
			stitches: model.mat.stitches,
			rows: model.mat.rows,
			plarn_m: model.mat.strandMm / 1000,
			cover: model.mat.cover,
			bags: model.bags
		};
		for (const [key, value] of Object.entries(expected)) {
			expect(Math.abs((got[key] ?? NaN) / value - 1), key).toBeLessThan(0.001);
		}
	});
});

describe('every plan that can be made', () => {
	it('has mass books that balance: film in is mat, ties, scrap and spoiled', () => {
		fc.assert(
			fc.property(anyPlan, (plan) => {
				const { mass, yield: cut, bags, tieBags } = modelPlan(plan);
				expect(mass.matG + mass.tiesG + mass.scrapG + mass.spoiledG).toBeCloseTo(mass.inG, 6);
				// Before spoilage, film that goes into strand and film that does not make up the used bags.
				const used = (bags + tieBags) * plan.bag.massG;
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
				expect(modelPlan(wider).bags).toBeGreaterThanOrEqual(modelPlan(plan).bags);
			})
		);
	});

	it('has finite figures inside their own intervals', () => {
		fc.assert(
			fc.property(anyPlan, (plan) => {
				const { tally } = estimatePlan(plan);
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
				const { bags, tieBags, toPrepare, toCollect } = modelPlan(plan);
				expect(toPrepare * 0.92).toBeCloseTo(bags + tieBags, 6);
				expect(toCollect * 0.88).toBeCloseTo(toPrepare, 6);
			})
		);
	});
});

describe('an interval', () => {
	const plan = planOfShape(planShape.parse(ringCases[0]?.plan));

	it('shrinks to the figure itself where nothing is uncertain', () => {
		const certain = Object.fromEntries(
			Object.keys(bareKnowledge).map((name) => [name, { median: 1, cv: 0 }])
		) as unknown as typeof bareKnowledge;
		const { toCollect } = estimatePlan(plan, certain).tally;
		expect(toCollect.high).toBeCloseTo(toCollect.low, 9);
	});

	it('grows with the spread of what is not measured', () => {
		const looser = { ...bareKnowledge, strandPerStitch: { median: 1, cv: 0.3 } };
		const narrow = estimatePlan(plan).tally.strandM;
		const wide = estimatePlan(plan, looser).tally.strandM;
		expect(wide.high / wide.low).toBeGreaterThan(1.5 * (narrow.high / narrow.low));
	});
});

describe('planProblems', () => {
	const good = planOfShape(planShape.parse(ringCases[1]?.plan));
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
