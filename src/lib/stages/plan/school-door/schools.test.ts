import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { answerSchool } from './case-file';
import { schoolNames } from './shapes';

interface SchoolCase {
	readonly name: string;
	readonly school: string;
	readonly input: Record<string, unknown>;
	readonly want: Record<string, unknown>;
}
const { cases } = JSON.parse(readFileSync('tests/cases/schools.json', 'utf8')) as {
	cases: SchoolCase[];
};
const answer = (school: string, input: unknown) => answerSchool(JSON.stringify({ school, input }));

/** Every figure of a value by its path. */
function figures(value: unknown, path = ''): [string, unknown][] {
	if (typeof value !== 'object' || value === null) return [[path, value]];
	return Object.entries(value).flatMap(([key, held]) => figures(held, `${path}.${key}`));
}

describe('the practices of the door', () => {
	it('have a worked case each', () =>
		expect([...new Set(cases.map(({ school }) => school))].sort()).toEqual(
			[...schoolNames].sort()
		));

	it.each(cases)('$school, $name: comes out to a fifth of a percent', ({ school, input, want }) => {
		const got = figures(answer(school, input).value);
		const wanted = figures(want);
		expect(got.map(([path]) => path).sort()).toEqual(wanted.map(([path]) => path).sort());
		const byPath = new Map(got);
		for (const [path, value] of wanted) {
			const found = byPath.get(path);
			if (typeof value !== 'number') expect(found, path).toBe(value);
			else
				expect(Math.abs(Number(found) - value), path).toBeLessThanOrEqual(0.002 * Math.abs(value));
		}
	});

	it.each(cases)(
		'$school, $name: refuses what it does not know, at its place',
		({ school, input }) => {
			expect(answer(school, { ...input, colour: 'blue' }).problems?.[0]?.path).toBe('input');
			for (const [key, value] of Object.entries(input)) {
				if (typeof value !== 'number') continue;
				expect(answer(school, { ...input, [key]: -value - 1 }).problems?.[0]?.path).toBe(
					`input.${key}`
				);
			}
		}
	);

	it('refuse what is out of their bounds though each figure by itself is not', () => {
		const { input } = cases.find(({ school }) => school === 'end-to-end') ?? { input: {} };
		expect(answer('end-to-end', { ...input, target_length_mm: 9000 }).problems?.[0]?.path).toBe(
			'input.panels'
		);
		expect(answer('none', {}).problems?.[0]?.path).toBe('school');
		expect(answerSchool('{').problems?.[0]?.path).toBe('file');
	});
});
