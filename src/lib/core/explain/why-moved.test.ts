import { describe, expect, it } from 'vitest';
import { totalSeconds } from '../effort/stations';
import { modelPlan } from '../model/model';
import { plansOfAllSorts } from '../model/plans.arbitrary';
import { startingPlan } from '../model/starting-plan';
import { barePoint, barePractice } from '../practice/practice';
import { whyMoved } from './why-moved';

const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

describe('why a figure moved', () => {
	it('is nothing between a plan and itself', () => {
		expect(whyMoved(startingPlan, { ...startingPlan }, barePractice)).toEqual([]);
	});

	it('names each factor once, and its shares sum to the whole difference, between plans of all sorts', () => {
		const plans = Object.values(plansOfAllSorts);
		for (const [at, from] of plans.entries()) {
			const to = plans[(at + 1) % plans.length] as typeof from;
			const [a, b] = [modelPlan(from, barePoint), modelPlan(to, barePoint)];
			const moves = whyMoved(from, to, barePractice);
			expect(new Set(moves.map(({ factor }) => factor)).size).toBe(moves.length);
			expect(sum(moves.map(({ bags }) => bags))).toBeCloseTo(b.toCollect - a.toCollect, 6);
			expect(sum(moves.map(({ rows }) => rows))).toBe(b.mat.rows - a.mat.rows);
			expect(sum(moves.map(({ hours }) => hours)) * 3600).toBeCloseTo(
				totalSeconds(b.seconds) - totalSeconds(a.seconds),
				4
			);
		}
	});

	it('tells a larger hook from closer trims, and which way each went', () => {
		if (startingPlan.technique.kind !== 'crochet' || startingPlan.cut.style !== 'loops')
			throw new Error('another plan is wanted');
		const moves = whyMoved(
			startingPlan,
			{
				...startingPlan,
				cut: { ...startingPlan.cut, trimBottomMm: 12, trimTopMm: 12 },
				technique: { ...startingPlan.technique, hookMm: startingPlan.technique.hookMm + 2 }
			},
			barePractice
		);
		expect(moves.map(({ factor, by }) => [factor, by])).toEqual([
			['trim', -1],
			['hook', 1]
		]);
		const [trim, hook] = moves;
		// Closer trims give more strand of a bag; a larger hook makes taller rows.
		expect(trim?.bags).toBeLessThan(-10);
		expect(hook?.rows).toBeLessThan(-10);
	});

	it('counts a factor that makes no mat by itself with the next one', () => {
		// Another bag under the same measured strip would have nothing left to cut.
		const low = { ...startingPlan.bag, bodyMm: 130 };
		const moves = whyMoved(
			startingPlan,
			{
				...startingPlan,
				bag: low,
				cut: { style: 'loops', trimBottomMm: 12, trimTopMm: 12, equalStrips: 2 }
			},
			barePractice
		);
		expect(sum(moves.map(({ bags }) => bags))).toBeCloseTo(
			modelPlan(
				{
					...startingPlan,
					bag: low,
					cut: { style: 'loops', trimBottomMm: 12, trimTopMm: 12, equalStrips: 2 }
				},
				barePoint
			).toCollect - modelPlan(startingPlan, barePoint).toCollect,
			6
		);
	});
});
