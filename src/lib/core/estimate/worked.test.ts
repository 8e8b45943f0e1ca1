import { barePoint } from '../practice/practice';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { planOfShape, planShape } from '../../stages/plan/document/document';
import { caseFigures } from '../../stages/plan/document/estimate-answer';
import { modelPlan } from '../model/model';

interface WorkedCase {
	name: string;
	plan: unknown;
	expected: Record<string, number>;
}
const { cases } = JSON.parse(readFileSync('tests/cases/worked.json', 'utf8')) as {
	cases: WorkedCase[];
};

describe('the worked cases', () => {
	it('cover every technique', () => expect(cases).toHaveLength(8));

	it.each(cases)('$name comes out to a tenth of a percent', ({ plan, expected }) => {
		const got = caseFigures(modelPlan(planOfShape(planShape.parse(plan)), barePoint));
		for (const [key, value] of Object.entries(expected)) {
			expect(Math.abs((got[key] ?? NaN) / value - 1), key).toBeLessThan(0.001);
		}
	});
});
