import fc from 'fast-check';
import { expect, it } from 'vitest';
import { colourNames } from '../colour/colours';
import { DomainError } from '../domain-error';
import { runsOutAt, strandLeft } from './strand-left';

const stripes = [
	{ colour: 'white', rows: 20 },
	{ colour: 'blue', rows: 6 },
	{ colour: 'white', rows: 20 },
	{ colour: 'blue', rows: 6 }
] as const;

it('of each colour is what its rows to come take, less what is at hand', () => {
	expect(strandLeft(stripes, 23, 3, { white: 130, blue: 30 })).toEqual([
		{ colour: 'white', neededM: 60, inHandM: 70, lacksM: 0 },
		// Nine metres are in the three rows that are made.
		{ colour: 'blue', neededM: 27, inHandM: 21, lacksM: 6 }
	]);
	expect(strandLeft(stripes, 52, 3, {})).toEqual([]);
	expect(strandLeft(stripes, 46, 3, {})).toEqual([
		{ colour: 'blue', neededM: 18, inHandM: 0, lacksM: 18 }
	]);
	expect(() => strandLeft(stripes, -1, 3, {})).toThrow(DomainError);
	expect(() => strandLeft(stripes, 1, 0, {})).toThrow(DomainError);
});

it('runs out in a row: the first that cannot be made whole', () => {
	// Three rows of this stripe and three of the next.
	expect(runsOutAt(stripes, 23, 3, 'blue', 20)).toBe(50);
	expect(runsOutAt(stripes, 23, 3, 'blue', 27)).toBeNull();
	expect(runsOutAt(stripes, 23, 3, 'blue', 26.9)).toBe(52);
	expect(runsOutAt(stripes, 23, 3, 'white', 0)).toBe(27);
	expect(runsOutAt(stripes, 23, 3, 'green', 0)).toBeNull();
});

it('lacks nothing exactly where no row lacks it, in any mat', () =>
	fc.assert(
		fc.property(
			fc.array(
				fc.record({
					colour: fc.constantFrom(...colourNames.slice(0, 3)),
					rows: fc.integer({ min: 1, max: 30 })
				}),
				{ minLength: 1, maxLength: 8 }
			),
			fc.integer({ min: 0, max: 120 }),
			fc.integer({ min: 0, max: 200 }),
			(all, made, issued) => {
				const left = strandLeft(
					all,
					made,
					2,
					Object.fromEntries(all.map(({ colour }) => [colour, issued]))
				);
				const rows = all.reduce((sum, one) => sum + one.rows, 0);
				const needed = left.reduce((sum, { neededM }) => sum + neededM, 0);
				expect(needed).toBe(2 * Math.max(0, rows - made));
				for (const { colour, inHandM, lacksM } of left)
					expect(runsOutAt(all, made, 2, colour, inHandM) === null).toBe(lacksM === 0);
			}
		),
		{ numRuns: 300 }
	));
