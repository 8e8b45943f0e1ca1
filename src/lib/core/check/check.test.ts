import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { DomainError } from '../domain-error';
import { randomBeta } from '../statistics/draws';
import { seededRng } from '../statistics/rng';
import { techniqueKinds } from '../techniques/technique';
import { acceptanceOf } from './acceptance';
import { faultTallies, type FirstFound } from './fault-tallies';
import { faultKinds, faults, faultsOf } from './faults';
import type { AcceptedSize, CheckedMat } from './judge-mat';
import { judgeForPlaces, judgeMat } from './judge-mat';

const plan = { widthMm: 850, lengthMm: 1850, massG: 3000 };
const clean: CheckedMat = {
	technique: 'crochet',
	widthMm: 850,
	lengthMm: 1850,
	massG: 3000,
	goesThrough: Array.from({ length: 15 }, () => false),
	faults: []
};
const through = (count: number) => Array.from({ length: 15 }, (_, at) => at < count);
const at = { along: 0.5, across: 0.5 };

describe('faults told apart', () => {
	const first = (more: Partial<FirstFound>): FirstFound => ({
		kinds: ['narrows'],
		technique: 'crochet',
		bag: null,
		week: '2026-11-23',
		...more
	});
	it('count a mat whose technique is not known among those that can have them, and under no technique', () => {
		const [tally] = faultTallies([first({}), first({ technique: null, kinds: [] })]);
		expect(tally).toMatchObject({ kind: 'narrows', mats: 1, of: 2 });
		expect(tally?.byTechnique).toEqual([{ technique: 'crochet', mats: 1, of: 1 }]);
		expect(tally?.byBag).toEqual([]);
	});
	it('look back on eight weeks, the oldest first', () => {
		const weeks = Array.from({ length: 10 }, (_, at) => `2026-09-${String(10 + at)}`);
		const [tally] = faultTallies(weeks.toReversed().map((week) => first({ week })));
		expect(tally?.byWeek.map(({ week }) => week)).toEqual(weeks.slice(-8));
	});
});

describe('the share that is good at once', () => {
	it('says little from fewer than twelve mats', () =>
		expect([acceptanceOf(11, 0).isThin, acceptanceOf(11, 1).isThin]).toEqual([true, false]));
});

describe('the faults of a mat', () => {
	it('are all there in some technique, each with a step and its minutes', () => {
		const seen = new Set(techniqueKinds.flatMap((kind) => faultsOf(kind)));
		expect([...seen].sort()).toEqual([...faultKinds].sort());
		for (const kind of faultKinds) expect(faults[kind].minutes).toBeGreaterThan(0);
	});
	it('of a technique are those it can have', () => {
		expect(faultsOf('crochet')).toContain('narrows');
		expect(faultsOf('crochet')).not.toContain('knot-at-peg');
		expect(faultsOf('peg-loom')).toContain('ends-alike');
		expect(faultsOf('twined')).toContain('nails-missed');
		expect(faultsOf('finger-bands')).toContain('band-curls');
	});
});

describe('what a check comes to', () => {
	it.each([
		['good', {}],
		// Larger is good, and so is smaller, as long as a sleeper has room.
		['good', { widthMm: 910, lengthMm: 1990 }],
		['good', { widthMm: 760, lengthMm: 1830 }],
		['good', { widthMm: 600, lengthMm: 1750 }],
		// A tape on a soft mat is right to a hundredth.
		['good', { lengthMm: 1733 }],
		['mend', { lengthMm: 1732 }],
		['good', { widthMm: 594.1 }],
		['other-use', { widthMm: 593.9 }],
		// Rows are added to the end of a mat that is worked across, up to 300 mm of them.
		['mend', { lengthMm: 1450 }],
		['other-use', { lengthMm: 1449 }],
		['other-use', { isLengthwise: true, lengthMm: 1700 }],
		['other-use', { technique: 'peg-loom', lengthMm: 1700 }],
		// The width grows where rows run along the sleeper, and band by band.
		['mend', { isLengthwise: true, widthMm: 450 }],
		['other-use', { isLengthwise: true, widthMm: 449 }],
		['mend', { technique: 'finger-bands', widthMm: 450 }],
		// Weight alone condemns no mat.
		['good', { massG: null }],
		['good', { massG: 1500 }],
		['mend', { goesThrough: through(1) }],
		['mend', { goesThrough: through(7) }],
		['apart', { goesThrough: through(8) }],
		['mend', { technique: 'peg-loom', goesThrough: through(8) }],
		['mend', { faults: [{ kind: 'loose-tail', ...at }] }],
		// Of several the heaviest holds.
		['apart', { widthMm: 500, goesThrough: through(8) }],
		['other-use', { widthMm: 500, goesThrough: through(1) }],
		['apart', { faults: Array.from({ length: 5 }, () => ({ kind: 'waves', ...at })) }]
	] as const)('is %s for %j', (result, more) =>
		expect(judgeMat({ ...clean, ...more } as CheckedMat, plan).result).toBe(result)
	);
	it('goes by what the place accepts, and else by who sleeps on it', () => {
		const result = (accepted: AcceptedSize, sleeperMm?: number) =>
			judgeMat({ ...clean, technique: 'twined' }, { ...plan, sleeperMm }, accepted).result;
		expect(result({ leastLengthMm: 1900 })).toBe('other-use');
		expect(result({ leastWidthMm: 900 })).toBe('other-use');
		expect(result({ mostLengthMm: 1800 })).toBe('other-use');
		expect(result({ mostWidthMm: 845 })).toBe('good');
		expect(result({}, 1900)).toBe('other-use');
		// What the place says holds, whoever the plan was for.
		expect(result({ leastLengthMm: 1800 }, 1900)).toBe('good');
	});
	it('says what else a mat can be, all that hold', () => {
		const uses = (widthMm: number, lengthMm: number) =>
			judgeMat({ ...clean, technique: 'twined', widthMm, lengthMm }, plan).uses;
		expect(uses(540, 1880)).toEqual(['panel', 'seat']);
		expect(uses(700, 1600)).toEqual(['shorter-sleeper', 'child', 'seat']);
		expect(uses(700, 1300)).toEqual(['child', 'seat']);
		expect(uses(300, 900)).toEqual(['strand']);
		expect(uses(850, 1850)).toEqual([]);
	});
	it('notes what differs from its plan, and holds it against no mat', () => {
		const notes = (more: Partial<CheckedMat>) => judgeMat({ ...clean, ...more }, plan).notes;
		expect(notes({})).toEqual([]);
		expect(notes({ widthMm: 700 })).toEqual(['narrow', 'smaller']);
		expect(notes({ widthMm: 1221, lengthMm: 2301, massG: 5600 })).toEqual([
			'very-wide',
			'very-long',
			'larger'
		]);
		expect(notes({ widthMm: 900, lengthMm: 1790, massG: 3100 })).toEqual(['larger', 'smaller']);
		expect(notes({ massG: 3000 * 0.84 })).toEqual(['lighter']);
		expect(notes({ massG: 3000 * 0.69 })).toEqual(['lighter', 'weigh-again']);
	});
	it('says why, by kind and by how much, and what it takes', () => {
		const judged = judgeMat(
			{
				...clean,
				lengthMm: 1700,
				massG: 2850,
				goesThrough: through(2),
				faults: [
					{ kind: 'loose-tail', ...at },
					{ kind: 'loose-tail', ...at },
					{ kind: 'torn-joint', ...at }
				]
			},
			plan
		);
		expect(judged.reasons).toEqual([
			{ why: 'goes-through', places: 2 },
			{ why: 'too-short', byMm: 50, leastMm: 1750 },
			{ why: 'fault', kind: 'loose-tail', count: 2 },
			{ why: 'fault', kind: 'torn-joint', count: 1 }
		]);
		// Two tails, a joint, rows to add, two places to darn.
		expect(judged.minutes).toBe(5 + 5 + 8 + 40 + 16);
		expect(judged.gramsPerM2).toBeCloseTo(2850 / (0.85 * 1.7), 6);
		expect(judged.densityShare).toBeCloseTo((2850 / 1.7 / 3000) * 1.85, 9);
	});
	it('is the best of what several places make of it, and names those that take it', () => {
		const places = [
			{ name: 'wide', accepts: { leastWidthMm: 900 } },
			{ name: 'usual', accepts: {} },
			{ name: 'short', accepts: { leastLengthMm: 1500, mostLengthMm: 1700 } }
		];
		const judged = judgeForPlaces({ ...clean, technique: 'twined' }, plan, places);
		expect([judged.result, judged.takers]).toEqual(['good', ['usual']]);
		// A hole is mended wherever it goes to.
		const holed = { ...clean, goesThrough: through(1) };
		expect(judgeForPlaces(holed, plan, places)).toMatchObject({
			result: 'mend',
			takers: ['usual']
		});
		expect(judgeForPlaces(clean, plan, []).takers).toEqual([]);
		// Too narrow for both, and too short for the first of them: what the other makes of it holds.
		const far = [{ name: 'far', accepts: { leastLengthMm: 2000 } }, ...places.slice(1, 2)];
		const narrow = { ...clean, technique: 'twined', widthMm: 540 } as const;
		expect(judgeForPlaces(narrow, plan, far).uses).toEqual(['panel', 'seat']);
	});
	it('refuses a map that has not fifteen places, and a size of nothing', () => {
		expect(() => judgeMat({ ...clean, goesThrough: [] }, plan)).toThrow(DomainError);
		expect(() => judgeMat({ ...clean, widthMm: 0 }, plan)).toThrow(DomainError);
	});
	it('is never better for one fault more', () => {
		const order = ['good', 'mend', 'other-use', 'apart'];
		fc.assert(
			fc.property(
				fc.constantFrom(...techniqueKinds),
				fc.double({ min: 0.7, max: 1.3, noNaN: true }),
				fc.double({ min: 0.7, max: 1.3, noNaN: true }),
				fc.double({ min: 0.6, max: 1.2, noNaN: true }),
				fc.array(fc.constantFrom(...faultKinds), { maxLength: 12 }),
				fc.constantFrom(...faultKinds),
				(technique, wide, long, heavy, kinds, kind) => {
					const mat = {
						...clean,
						technique,
						widthMm: 850 * wide,
						lengthMm: 1850 * long,
						massG: 3000 * wide * long * heavy,
						faults: kinds.map((one) => ({ kind: one, ...at }))
					};
					const before = judgeMat(mat, plan);
					const after = judgeMat({ ...mat, faults: [...mat.faults, { kind, ...at }] }, plan);
					expect(order.indexOf(after.result)).toBeGreaterThanOrEqual(order.indexOf(before.result));
				}
			),
			{ numRuns: 300 }
		);
	});
});

describe('how many mats are good at once', () => {
	it('begins at four of five, and says little while few were checked', () => {
		expect(acceptanceOf(0, 0)).toMatchObject({ expected: 0.8, isThin: true });
		expect(acceptanceOf(11, 2)).toMatchObject({ expected: 15 / 18, isThin: false });
	});
	it('has the interval of its distribution', () => {
		const rng = seededRng(6);
		const drawn = Array.from({ length: 20_000 }, () => randomBeta(rng, 15, 3)).sort(
			(one, other) => one - other
		);
		const { low, high } = acceptanceOf(11, 2);
		expect(low).toBeCloseTo(drawn[2000] ?? NaN, 2);
		expect(high).toBeCloseTo(drawn[18_000] ?? NaN, 2);
	});
	it('is as sure as there are many, and stays a number with thousands', () => {
		const width = (times: number) => {
			const { low, high } = acceptanceOf(10 * times, 2 * times);
			return high - low;
		};
		expect(width(100)).toBeLessThan(width(1) / 5);
		expect(acceptanceOf(4000, 800).low).toBeGreaterThan(0.82);
		expect(() => acceptanceOf(-1, 0)).toThrow(DomainError);
	});
});
