import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoPlans } from '../../../../scripts/demo/plans';
import { startingPlan } from '../model/starting-plan';
import { DomainError } from '../domain-error';
import { factorNames } from '../factors/factors';
import { barePoint, barePractice, knowledgeOf } from '../practice/practice';
import { smooth } from '../factors/rounding';
import { sumOf } from '../model/material-use';
import { uncertain } from '../estimate/estimate';
import { modelPlan } from '../model/model';
import { knownOfMat, matReading, updateByMat } from './mat-reading';
import { outlierOf } from './outlier';
import { practiceOf } from './practice-of';

const bare = barePractice.factors;
const group = { basis: { of: 'group' } } as const;
const bagsOf = (plan: typeof startingPlan, middle = barePoint) =>
	sumOf(modelPlan(plan, middle, smooth).draws, ({ bags }) => bags);
const expected = bagsOf(startingPlan);

describe('a finished mat', () => {
	it('that took what the craft expects moves nothing, and makes it surer', () => {
		const reading = matReading(startingPlan, startingPlan.target, expected);
		expect(reading.ratio).toBeCloseTo(1, 9);
		const after = updateByMat(bare, reading);
		for (const name of uncertain.crochet) {
			expect(after[name].median).toBeCloseTo(1, 9);
			expect(after[name].cv).toBeLessThan(bare[name].cv);
		}
		expect(after.loomPitch).toEqual(bare.loomPitch);
	});

	it('that took more moves each factor its own way', () => {
		const after = updateByMat(bare, matReading(startingPlan, startingPlan.target, expected * 1.15));
		expect(after.pieceLength.median).toBeLessThan(1);
		expect(after.rowHeight.median).toBeLessThan(1);
		expect(after.strandPerStitch.median).toBeGreaterThan(1);
	});

	it('is held against a mat of the size it came out at', () => {
		const { widthMm, lengthMm } = startingPlan.target;
		const half = matReading(startingPlan, { widthMm, lengthMm: lengthMm / 2 }, expected);
		expect(half.ratio).toBeGreaterThan(1.9);
	});

	it.each(demoPlans.map(({ name, plan }) => [name, plan] as const))(
		'has slopes that say what the bags do: %s',
		(_, plan) => {
			const { slopes } = matReading(plan, plan.target, 100);
			const middle = barePoint;
			for (const name of uncertain[plan.technique.kind]) {
				const factors = { ...middle.factors, [name]: 1.05 };
				const moved = bagsOf(plan, { ...middle, factors }) / bagsOf(plan, middle);
				expect(Math.log(moved) / Math.log(1.05)).toBeCloseTo(slopes[name] ?? NaN, 1);
			}
		}
	);

	it('counted again and again ends where the count is', () => {
		const reading = matReading(startingPlan, startingPlan.target, expected * 1.12);
		let known = bare;
		for (let mat = 0; mat < 60; mat++) known = updateByMat(known, reading);
		expect(knownOfMat(known, reading).median).toBeCloseTo(1.12, 2);
	});

	it('never makes anyone less sure', () =>
		fc.assert(
			fc.property(fc.double({ min: 0.3, max: 3, noNaN: true }), (share) => {
				const after = updateByMat(
					bare,
					matReading(startingPlan, startingPlan.target, expected * share)
				);
				for (const name of factorNames) {
					expect(after[name].cv).toBeLessThanOrEqual(bare[name].cv);
					expect(after[name].median).toBeGreaterThan(0);
				}
			})
		));

	it('ten times over is asked about by the name of the slip', () => {
		const reading = matReading(startingPlan, startingPlan.target, expected * 10);
		expect(outlierOf(knownOfMat(bare, reading), reading)?.slip).toBe('ten-times');
	});

	it.each([NaN, Infinity, -1, 0])('of %s bags is refused', (bags) =>
		expect(() => matReading(startingPlan, startingPlan.target, bags)).toThrow(DomainError)
	);

	it.each([NaN, Infinity, -1, 0])('%s wide is refused', (widthMm) =>
		expect(() => matReading(startingPlan, { widthMm, lengthMm: 1800 }, 100)).toThrow(DomainError)
	);

	it('joins what swatches say of each factor alone', () => {
		const swatch = { rowHeight: { ratio: 1.1, cv: 0.04 } };
		const mat = matReading(startingPlan, startingPlan.target, expected * 1.1);
		const both = practiceOf({ ...group, readings: [{ mat }, swatch], timed: [] });
		const alone = practiceOf({ ...group, readings: [swatch], timed: [] });
		expect(both.factors.rowHeight.cv).toBeLessThan(alone.factors.rowHeight.cv);
		expect(both.factors.pieceLength.median).toBeLessThan(1);
		expect(both.factors.framePitch).toEqual(bare.framePitch);
	});

	it('says of bags what it says of their kind, and nothing of another', () => {
		const mat = matReading(startingPlan, startingPlan.target, expected * 1.3);
		const practice = practiceOf({ ...group, readings: [{ mat }], timed: [] });
		const other = { ...startingPlan.bag, flatWidthMm: 420 };
		expect(knowledgeOf(practice, startingPlan.bag).bagMass.cv).toBeLessThan(bare.bagMass.cv);
		expect(knowledgeOf(practice, other).bagMass).toEqual(bare.bagMass);
	});
});
