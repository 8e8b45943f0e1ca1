import { barePractice } from '../practice/practice';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { planOfShape, planShape } from '../../stages/plan/document/document';
import { estimatePlan, tallyNames } from '../estimate/estimate';
import { randomNormal, seededRng } from '../statistics/rng';
import { simulatePlan } from './simulate-plan';

const { cases } = JSON.parse(readFileSync('tests/cases/worked.json', 'utf8')) as {
	cases: { name: string; plan: unknown }[];
};

describe('simulation by seeded chance', () => {
	it.each(cases)('agrees within 3 % with the closed form on $name', ({ plan: shape }) => {
		const plan = planOfShape(planShape.parse(shape));
		const closed = estimatePlan(plan, barePractice).tally;
		const simulated = simulatePlan(plan, barePractice, seededRng(7), 6000);
		for (const name of tallyNames) {
			for (const end of ['expected', 'low', 'high'] as const) {
				expect(
					Math.abs(simulated[name][end] / closed[name][end] - 1),
					`${name} ${end}`
				).toBeLessThan(0.03);
			}
		}
	});

	it('gives the same tally for the same seed and another for another', () => {
		const plan = planOfShape(planShape.parse(cases[0]?.plan));
		const once = simulatePlan(plan, barePractice, seededRng(3), 200);
		expect(simulatePlan(plan, barePractice, seededRng(3), 200)).toEqual(once);
		expect(simulatePlan(plan, barePractice, seededRng(4), 200)).not.toEqual(once);
	});

	it('draws normal numbers of mean 0 and deviation 1', () => {
		const rng = seededRng(11);
		const drawn = Array.from({ length: 20_000 }, () => randomNormal(rng));
		const mean = drawn.reduce((a, b) => a + b, 0) / drawn.length;
		const variance = drawn.reduce((sum, x) => sum + (x - mean) ** 2, 0) / drawn.length;
		expect(Math.abs(mean)).toBeLessThan(0.03);
		expect(Math.abs(variance - 1)).toBeLessThan(0.04);
	});
});
