import { practiceOf } from '../calibrate/practice-of';
import { demoPlans } from '../../../../scripts/demo/plans';
import { estimatePlan } from '../estimate/estimate';
import { crochetMat } from '../techniques/crochet/crochet-mat';
import { noFactors } from '../factors/factors';
import { foundationChains } from '../techniques/crochet/stitches';
import { barePoint } from '../practice/practice';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { modelPlan } from '../model/model';
import { anyPlan } from '../model/plan.arbitrary';
import { ballsOfPlan, layPlanBalls, rowsOfMat } from '../model/balls-of-plan';
import { colourNames } from './colours';
import type { Ball } from './lay-balls';
import { layBalls } from './lay-balls';
import { neverBesideItself, symmetricOrder } from './order';
import { stripeReach } from './stripe-plan';
import { stripesOf } from './stripes';

const anyBall: fc.Arbitrary<Ball> = fc.record({
	colour: fc.constantFrom(...colourNames),
	strandMm: fc.double({ min: 1, max: 90_000, noNaN: true })
});
const anyCounts = fc.dictionary(fc.constantFrom(...colourNames), fc.integer({ min: 0, max: 9 }));
const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);

describe('balls laid into a mat', () => {
	it('sum to the mat, row by row, with what is missing and what is left', () => {
		fc.assert(
			fc.property(
				fc.array(anyBall, { maxLength: 40 }),
				fc.double({ min: 0, max: 5000, noNaN: true }),
				fc.double({ min: 50, max: 9000, noNaN: true }),
				fc.integer({ min: 1, max: 120 }),
				(balls, beginningMm, rowMm, rows) => {
					const { runs, missingMm, leftMm } = layBalls(balls, { beginningMm, rowMm, rows });
					const laid = sum(runs.map((run) => run.strandMm));
					expect(laid + missingMm).toBeCloseTo(beginningMm + rowMm * rows, 4);
					expect(laid + leftMm).toBeCloseTo(sum(balls.map((ball) => ball.strandMm)), 3);
					for (const [index, run] of runs.entries()) {
						const next = runs[index + 1];
						if (next?.row === run.row) expect(next.from).toBeCloseTo(run.to, 9);
						else if (missingMm < 1e-3) expect(run.to).toBeCloseTo(1, 6);
					}
				}
			)
		);
	});

	it('change ball exactly where the strand runs out', () => {
		const balls = [
			{ colour: 'blue', strandMm: 250 },
			{ colour: 'white', strandMm: 350 }
		] as const;
		const { runs } = layBalls(balls, { beginningMm: 0, rowMm: 200, rows: 3 });
		expect(runs.map(({ row, ball, from, to }) => [row, ball, from, to])).toEqual([
			[1, 0, 0, 1],
			[2, 0, 0, 0.25],
			[2, 1, 0.25, 1],
			[3, 1, 0, 1]
		]);
	});

	it('of any plan reach to its last row', () => {
		fc.assert(
			fc.property(anyPlan, (plan) => {
				const model = modelPlan(plan, barePoint);
				const { missingMm } = layPlanBalls(plan, model);
				const { rowMm } = rowsOfMat(model.mat);
				expect(missingMm).toBeLessThan(rowMm * 1e-3);
				expect(ballsOfPlan(plan, model).length).toBeGreaterThan(0);
			})
		);
	});
});

describe('an order of balls', () => {
	it('is symmetric wherever at most one colour is odd', () => {
		fc.assert(
			fc.property(anyCounts, (counts) => {
				const { order, isSymmetric } = symmetricOrder(counts);
				const odd = Object.values(counts).filter((count) => count % 2 === 1).length;
				expect(isSymmetric).toBe(odd <= 1);
				if (isSymmetric) expect([...order].reverse()).toEqual(order);
				expect(order).toHaveLength(sum(Object.values(counts)));
			})
		);
	});

	it('never puts a colour beside itself, and says no only where that is impossible', () => {
		fc.assert(
			fc.property(anyCounts, (counts) => {
				const order = neverBesideItself(counts);
				const total = sum(Object.values(counts));
				const most = Math.max(0, ...Object.values(counts));
				expect(order === null).toBe(most > Math.ceil(total / 2));
				if (!order) return;
				expect(order).toHaveLength(total);
				for (const [index, colour] of order.entries()) expect(order[index + 1]).not.toBe(colour);
			})
		);
	});
});

describe('a stripe plan against the store', () => {
	const stripes = [
		{ colour: 'blue', rows: 4 },
		{ colour: 'white', rows: 2 },
		{ colour: 'blue', rows: 4 }
	] as const;

	it('says what each colour lacks and where the work would stop', () => {
		const reach = stripeReach(stripes, 1000, { blue: 6500, white: 9000 });
		expect(reach.rowsReached).toBe(8);
		expect(reach.stopsAt).toBe(2);
		expect(reach.colours).toEqual([
			{ colour: 'blue', needMm: 8000, haveMm: 6500, lackMm: 1500 },
			{ colour: 'white', needMm: 2000, haveMm: 9000, lackMm: 0 }
		]);
	});

	it('reaches the end where the store is full', () =>
		expect(stripeReach(stripes, 1000, { blue: 8000, white: 2000 }).stopsAt).toBeNull());
});

describe('the stripes to draw', () => {
	it('cover what the runs cover, whole rows of one ball together', () => {
		fc.assert(
			fc.property(anyPlan, (plan) => {
				const model = modelPlan(plan, barePoint);
				const { runs } = layPlanBalls(plan, model);
				const stripes = stripesOf(runs);
				const area = sum(stripes.map(({ rows, from, to }) => rows * (to - from)));
				expect(area).toBeCloseTo(rowsOfMat(model.mat).rows, 4);
				expect(stripes.length).toBeLessThanOrEqual(runs.length);
			})
		);
	});

	it('turn round at the end of every row', () => {
		const { runs } = layBalls(
			[
				{ colour: 'blue', strandMm: 150 },
				{ colour: 'white', strandMm: 250 }
			],
			{ beginningMm: 0, rowMm: 100, rows: 4 }
		);
		expect(stripesOf(runs).map(({ row, rows, from, to }) => [row, rows, from, to])).toEqual([
			[1, 1, 0, 1],
			[2, 1, 0.5, 1],
			[2, 1, 0, 0.5],
			[3, 2, 0, 1]
		]);
	});
});

describe('balls by what a group has measured', () => {
	it('hold the strand that its bags gave, so that the balls of a mat are as many as the tally has', () => {
		const practice = practiceOf({
			basis: { of: 'group' },
			readings: [{ pieceLength: { ratio: 0.85, cv: 0.001 } }],
			timed: []
		});
		for (const { plan } of demoPlans) {
			const { model } = estimatePlan(plan, practice);
			const inMat = ballsOfPlan(plan, model).length;
			const ties = model.tieBags / (plan.work?.bagsPerBall ?? 20);
			expect(inMat).toBe(Math.ceil(model.balls - ties - 1e-9));
		}
	});
});

it.each([
	['sc', 1],
	['hdc', 2],
	['dc', 3]
] as const)('a foundation of %s has %i chains more than the row has stitches', (stitch, more) => {
	const mat = crochetMat(
		{ widthMm: 850, lengthMm: 1850 },
		{ kind: 'crochet', stitch, hookMm: 8 },
		3.4,
		noFactors
	);
	expect(foundationChains(mat)).toBe(mat.stitches + more);
});
