import { describe, expect, it } from 'vitest';
import { bagPresets } from '../bag/presets';
import { DomainError } from '../domain-error';
import { startingPlan } from '../model/starting-plan';
import { barePoint, barePractice } from '../practice/practice';
import { modelPlan } from '../model/model';
import { fromSack } from './from-sack';

const [thin, shop, pouch] = bagPresets;
const heavy = { flatWidthMm: 250, gussetMm: 0, bodyMm: 150, handleMm: 0, massG: 24 };
const sack = [
	{ name: 'thin', bag: thin.bag, count: 600 },
	{ name: 'shop', bag: shop.bag, count: 150 },
	{ name: 'pouch', bag: pouch.bag, count: 100 },
	{ name: 'heavy', bag: heavy, count: 80 },
	{ name: 'none', bag: pouch.bag, count: 0 }
];
const answer = fromSack(sack, startingPlan, barePractice);

describe('mats from a sack', () => {
	it('are of all kinds that go together; what would lump is kept apart, with by how much', () => {
		expect(answer.together.map(({ name }) => name).sort()).toEqual(['pouch', 'shop', 'thin']);
		expect(answer.apart).toEqual([
			{ name: 'heavy', count: 80, why: 'thicker', by: expect.any(Number) as number }
		]);
		expect(answer.apart[0]?.by).toBeGreaterThan(0.22);
	});

	it('use up the bags of every kind alike', () => {
		const { plan, model, mats } = answer;
		for (const { bag, toPrepare } of model?.kinds ?? []) {
			const { count = NaN } = sack.find((one) => one.bag === bag && one.count > 0) ?? {};
			expect((toPrepare * mats) / count).toBeCloseTo(1, 6);
		}
		expect(plan?.mix?.by).toBe('count');
		expect(modelPlan(plan ?? startingPlan, barePoint).toPrepare).toBeCloseTo(
			model?.toPrepare ?? NaN,
			9
		);
	});

	it('say what leaving one out would change: fewer mats, however it evens the strand', () => {
		expect(answer.without).toHaveLength(3);
		for (const { mats } of answer.without) expect(mats).toBeLessThan(answer.mats);
		const two = fromSack(
			sack.filter(({ name }) => name === 'thin' || name === 'shop'),
			startingPlan,
			barePractice
		);
		const withoutPouch = answer.without.find(({ name }) => name === 'pouch');
		expect(withoutPouch?.mats).toBeCloseTo(two.mats, 6);
		expect(withoutPouch?.thicknessCv).toBeCloseTo(two.thicknessCv, 6);
	});

	it('hold six kinds at most, those with the most strand', () => {
		const many = Array.from({ length: 9 }, (_, at) => ({
			name: `kind ${at}`,
			bag: { ...thin.bag, massG: 5 + at / 50 },
			count: 100 + at
		}));
		const { together, apart } = fromSack(many, startingPlan, barePractice);
		expect(together).toHaveLength(6);
		expect(apart.map(({ name, why }) => `${name} ${why}`)).toEqual([
			'kind 0 too-many-kinds',
			'kind 1 too-many-kinds',
			'kind 2 too-many-kinds'
		]);
	});

	it('of nothing are none, and of what cannot be cut none as well', () => {
		expect(fromSack([{ ...sack[0], count: 0 } as never], startingPlan, barePractice)).toMatchObject(
			{
				mats: 0,
				plan: null,
				apart: []
			}
		);
		const tiny = { ...thin.bag, bodyMm: 90 };
		expect(
			fromSack([{ name: 'tiny', bag: tiny, count: 50 }], startingPlan, barePractice).apart
		).toEqual([{ name: 'tiny', count: 50, why: 'not-cut', by: 0 }]);
		expect(() => fromSack([], startingPlan, barePractice)).toThrow(DomainError);
	});

	it('take another hook where the plan’s own would drag or net', () => {
		const { plan } = fromSack(
			[{ name: 'heavy', bag: { ...heavy, bodyMm: 400, massG: 60 }, count: 100 }],
			{ ...startingPlan, bag: { ...heavy, bodyMm: 400, massG: 60 } },
			barePractice
		);
		expect(plan?.technique).toMatchObject({ kind: 'crochet' });
		expect(plan?.technique.kind === 'crochet' && plan.technique.hookMm).not.toBe(8);
	});
});
