import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Bag } from '../bag/measure-bag';
import { bagPresets } from '../bag/presets';
import { estimatePlan } from '../estimate/estimate';
import { judgePlan } from '../judge/judge-plan';
import { mixKinds } from '../kinds/mix-kinds';
import { barePoint, barePractice } from '../practice/practice';
import { modelPlan } from './model';
import { planProblems } from './plan-problems';
import { startingPlan } from './starting-plan';
import type { Plan, PlanMix } from './types';

const [thin, shop, pouch] = bagPresets.map(({ bag }) => bag) as [Bag, Bag, Bag];
const loom: Plan = {
	...startingPlan,
	cut: { style: 'whole-tube', trimBottomMm: 50, trimTopMm: 50 },
	technique: { kind: 'peg-loom', pitchMm: 25, packing: 'firm', weftCut: startingPlan.cut }
};
const mixed = (mix: PlanMix, plan: Plan = startingPlan): Plan => ({ ...plan, mix });
const three: PlanMix = {
	by: 'share',
	amount: 0.5,
	also: [
		{ name: 'shop', bag: shop, amount: 0.3 },
		{ name: 'pouch', bag: pouch, amount: 0.2 }
	]
};

describe('a plan of several kinds', () => {
	it.each([
		['crochet', startingPlan],
		['a loom', loom]
	])('of one kind twice is the plan of that kind, in %s', (_, plan) => {
		const same = mixed({ by: 'share', amount: 0.4, also: [{ bag: plan.bag, amount: 0.6 }] }, plan);
		const [one, two] = [plan, same].map((each) => estimatePlan(each, barePractice)) as [
			ReturnType<typeof estimatePlan>,
			ReturnType<typeof estimatePlan>
		];
		expect(two.tally.strandM.expected).toBeCloseTo(one.tally.strandM.expected, 6);
		expect(two.model.mat.rows).toBe(one.model.mat.rows);
		expect(two.tally.hours.expected).toBeCloseTo(one.tally.hours.expected, 6);
		expect(two.judgements.map(({ code }) => code)).toEqual(one.judgements.map(({ code }) => code));
		// Weft cut like the weft: with loops of one and the same bag nothing is off.
		expect(two.model.kinds?.map(({ like }) => like.sectionOff)).toEqual([0, 0]);
	});

	it('takes of each kind the bags that its share of the strand takes', () => {
		const model = modelPlan(mixed(three), barePoint);
		const all = model.mat.strandMm + model.tieStrandMm;
		const worked = mixKinds(
			{ bag: thin, cut: startingPlan.cut },
			[
				{ bag: thin, share: 0.5 },
				{ bag: shop, share: 0.3 },
				{ bag: pouch, share: 0.2 }
			],
			all
		);
		expect(model.yield.bulkDiameterMm).toBeCloseTo(worked.bulkDiameterMm, 9);
		for (const [nth, kind] of (model.kinds ?? []).entries())
			expect(kind.toPrepare * (1 - barePoint.spoiledShare)).toBeCloseTo(
				worked.kinds[nth]?.bags ?? NaN,
				6
			);
		const bags = model.kinds?.reduce((sum, { toPrepare }) => sum + toPrepare, 0);
		expect(bags).toBeCloseTo(model.toPrepare, 6);
	});

	it.each([
		['crochet', startingPlan],
		['a loom', loom]
	])('balances its mass, in %s', (_, plan) => {
		const { mass, kinds } = modelPlan(mixed(three, plan), barePoint);
		expect(mass.inG).toBeCloseTo(mass.matG + mass.tiesG + mass.scrapG + mass.spoiledG, 6);
		const grams = kinds?.reduce((sum, { toPrepare, bag }) => sum + toPrepare * bag.massG, 0);
		expect(mass.inG).toBeCloseTo(grams ?? NaN, 6);
		expect(mass.scrapG).toBeGreaterThan(0);
	});

	it('shares may be listed in any order', () =>
		fc.assert(
			fc.property(fc.shuffledSubarray([0, 1], { minLength: 2 }), (order) => {
				const also = order.map((at) => three.also[at] ?? three.also[0]) as typeof three.also;
				const [a, b] = [three, { ...three, also }].map((mix) => modelPlan(mixed(mix), barePoint));
				expect(b?.toPrepare).toBeCloseTo(a?.toPrepare ?? NaN, 9);
				expect(b?.mat.strandMm).toBeCloseTo(a?.mat.strandMm ?? NaN, 9);
			})
		));

	it('from bags on hand answers their shares and what is missing', () => {
		const { kinds } = modelPlan(
			mixed({ by: 'count', amount: 160, also: [{ bag: shop, amount: 40 }] }),
			barePoint
		);
		const [own, other] = kinds ?? [];
		// As many metres as their bags give: 160 × 1.757 and 40 × 5.277.
		expect(own?.share).toBeCloseTo((160 * 1757.11) / (160 * 1757.11 + 40 * 5276.98), 4);
		expect((own?.toPrepare ?? 0) / 160).toBeCloseTo((other?.toPrepare ?? 0) / 40, 9);
		expect(own?.short).toBeCloseTo((own?.toPrepare ?? 0) - 160, 9);
		const calls = judgePlan(startingPlan, modelPlan(startingPlan, barePoint));
		expect(calls.some(({ code }) => code === 'kinds-short')).toBe(false);
	});

	it('errs less in what its bags weigh and give, for kinds err apart', () => {
		const spread = (plan: Plan) => {
			const { expected, high } = estimatePlan(plan, barePractice).tally.toPrepare;
			return high / expected;
		};
		expect(spread(mixed(three))).toBeLessThan(spread(startingPlan));
		const same = mixed({ by: 'share', amount: 1, also: [{ bag: thin, amount: 0.001 }] });
		expect(spread(same)).toBeCloseTo(spread(startingPlan), 3);
	});

	it('says where a difference shows', () => {
		const mailer = { flatWidthMm: 250, gussetMm: 0, bodyMm: 350, handleMm: 0, massG: 10 };
		const narrow: Plan = {
			...startingPlan,
			cut: { style: 'loops', equalStrips: 7, trimBottomMm: 50, trimTopMm: 50 }
		};
		const codes = (plan: Plan) =>
			judgePlan(plan, modelPlan(plan, barePoint)).flatMap(({ code, figures }) =>
				code.startsWith('kinds-') ? [[code, figures.nth]] : []
			);
		expect(codes(mixed(three))).toEqual([]);
		const also = [
			{ bag: shop, amount: 0.5 },
			{ bag: mailer, amount: 0.2 }
		];
		expect(codes(mixed({ by: 'share', amount: 0.5, also }, narrow))).toEqual([
			['kinds-alternate', 3]
		]);
		const half: Plan = { ...startingPlan, cut: { style: 'half-bag' } };
		expect(
			codes(mixed({ by: 'share', amount: 0.5, also: [{ bag: shop, amount: 0.5 }] }, half))
		).toEqual([['kinds-apart', 2]]);
	});

	it('names the kind that cannot be cut so', () => {
		const short = { ...thin, bodyMm: 90 };
		const plan = mixed({
			by: 'share',
			amount: 0.5,
			also: [three.also[0] as never, { bag: short, amount: 0.1 }]
		});
		expect(planProblems(plan)).toEqual([{ code: 'kind-not-cut', path: 'mix.amount', nth: 1 }]);
	});
});
