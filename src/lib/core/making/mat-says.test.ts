import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { colourNames } from '../colour/colours';
import { DomainError } from '../domain-error';
import { barePoint } from '../practice/practice';
import { modelPlan } from '../model/model';
import { startingPlan } from '../model/starting-plan';
import { randomNormal, seededRng } from '../statistics/rng';
import { chooseBalls } from './choose-balls';
import { heightSoFar } from './height-so-far';
import { widthCourse } from './narrowing';
import { strandByWeight, strandEnds } from './strand-by-weight';
import { strandGiven } from './strand-given';
import { strandLeft } from './strand-left';
import { waysOut } from './ways-out';

const widths = (...all: readonly (readonly [number, number])[]) =>
	all.map(([row, widthMm]) => ({ row, widthMm }));

describe('the widths of a mat', () => {
	it('narrow where stitches get lost, and say since when', () => {
		const course = widthCourse(
			widths([20, 850], [80, 849], [140, 850], [155, 838], [171, 826]),
			11.9,
			204
		);
		// By hand: rows about a mean of 113.2, widths about 842.6.
		expect(course?.slopeMm).toBeCloseTo(-1855.6 / 15594.8, 9);
		expect(course).toMatchObject({ verdict: 'straight', sinceRow: 140 });
		const steeper = widthCourse(
			widths([20, 850], [80, 848], [120, 838], [150, 827], [171, 814]),
			11.9,
			204
		);
		expect(steeper).toMatchObject({ verdict: 'narrows', stitches: 3, sinceRow: 80 });
		expect(steeper?.highMm).toBeLessThan(0);
	});
	it('mirrored widen, by as many stitches', () => {
		const [narrow, wide] = [-1, 1].map((sign) =>
			widthCourse(
				widths([10, 850], [60, 850 + sign * 13], [110, 850 + sign * 24], [160, 850 + sign * 38]),
				12,
				200
			)
		);
		expect(narrow).toMatchObject({ verdict: 'narrows', stitches: 3, sinceRow: 10 });
		expect(wide).toMatchObject({ verdict: 'widens', stitches: 3 });
		expect(wide?.slopeMm).toBeCloseTo(-(narrow?.slopeMm ?? 0), 12);
	});
	it('keep straight where the end is off by less than 3 %, however sure the slope', () => {
		const slow = widths([0, 850], [50, 847], [100, 844], [150, 841]);
		expect(widthCourse(slow, 12, 200)?.verdict).toBe('straight');
		expect(widthCourse(slow, 12, 600)?.verdict).toBe('narrows');
	});
	it('say nothing before three rows were measured', () => {
		expect(widthCourse(widths([10, 850], [20, 800]), 12, 200)).toBeNull();
		expect(widthCourse(widths([10, 850], [10, 849], [20, 800]), 12, 200)).toBeNull();
		expect(() => widthCourse(widths([1, 0], [2, 3], [3, 3]), 12, 9)).toThrow(DomainError);
		expect(() => widthCourse([], 0, 9)).toThrow(DomainError);
	});
	it('are called narrow by chance alone in at most one of ten', () => {
		const rng = seededRng(4);
		const rows = [10, 40, 70, 100, 130];
		const called = Array.from({ length: 2000 }, () =>
			widthCourse(
				rows.map((row) => ({ row, widthMm: 850 + 40 * randomNormal(rng) })),
				12,
				204
			)
		).filter((course) => course?.verdict === 'narrows').length;
		expect(called / 2000).toBeGreaterThan(0.07);
		expect(called / 2000).toBeLessThan(0.12);
	});
});

describe('the height so far', () => {
	const planned = { rows: 200, lengthMm: 1800, rowM: 3 };
	it('says how long the mat gets, and how many rows make it right', () => {
		expect(heightSoFar(100, 810, planned)).toMatchObject({
			rowMm: 8.1,
			reachesMm: 1620,
			rows: 222,
			moreRows: 22,
			moreM: 66
		});
		expect(heightSoFar(100, 1000, planned)).toMatchObject({ rows: 180, moreRows: -20, moreM: -60 });
	});
	it('drifts from the plan by the height of its rows', () =>
		expect(heightSoFar(100, 810, planned).drift).toBeCloseTo(0.9, 12));
	it('unpicks nothing that is made, and refuses what is no length', () => {
		expect(heightSoFar(200, 2400, planned).rows).toBe(200);
		expect(() => heightSoFar(0, 10, planned)).toThrow(DomainError);
		expect(() => heightSoFar(10, 0, planned)).toThrow(DomainError);
	});
});

describe('strand by weight', () => {
	const { mat } = modelPlan(startingPlan, barePoint);
	it('is what the geometry laid up, exactly: rows and where they end', () => {
		if (mat.kind !== 'crochet') throw new Error('no crochet');
		const rowM = (mat.strandPerRowMm + mat.turnMm) / 1000;
		const ktex = 3.1;
		for (const rows of [0, 1, 7, 31]) {
			const { expected } = strandByWeight(rows * rowM * ktex, ktex, { scaleG: 0, densityCv: 0 });
			expect(expected).toBeCloseTo(rows * rowM, 9);
			expect(strandEnds(expected, rowM, mat.stitches, 12)).toEqual({ row: 13 + rows, stitch: 0 });
		}
		expect(strandEnds(2.5 * rowM, rowM, 70, 0)).toEqual({ row: 3, stitch: 35 });
	});
	it('with the error of the scale and of the film holds the truth in 80 of 100', () => {
		const rng = seededRng(9);
		const error = { scaleG: 2, densityCv: 0.06 };
		let held = 0;
		for (let at = 0; at < 4000; at++) {
			const leftM = 2 + 60 * rng();
			const density = 3 * Math.exp(error.densityCv * randomNormal(rng));
			const shown = Math.max(0, leftM * density + error.scaleG * randomNormal(rng));
			const { low, high } = strandByWeight(shown, 3, error);
			if (low <= leftM && leftM <= high) held++;
		}
		expect(held / 4000).toBeGreaterThan(0.78);
		expect(held / 4000).toBeLessThan(0.82);
	});
	it('is never below nothing', () => {
		expect(strandByWeight(1, 3, { scaleG: 2, densityCv: 0 }).low).toBe(0);
		expect(() => strandByWeight(-1, 3, { scaleG: 0, densityCv: 0 })).toThrow(DomainError);
		expect(() => strandEnds(1, 0, 5, 0)).toThrow(DomainError);
	});
});

describe('strand that was given', () => {
	const stripes = [
		{ colour: 'white', rows: 10 },
		{ colour: 'blue', rows: 20 }
	] as const;
	it('is what the balls had, or what was weighed and what came since', () => {
		const given = [
			{ colour: 'white' as const, metres: 30, at: 1 },
			{ colour: 'blue' as const, metres: 30, at: 2 },
			{ colour: 'blue' as const, metres: 25, at: 6 }
		];
		expect(strandGiven(stripes, 2, given, [])).toEqual({ white: 30, blue: 55 });
		// Five blue rows have taken ten metres, and eighteen are left: two less than was thought.
		const weighed = { colour: 'blue' as const, leftM: 18, made: 15, at: 5 };
		expect(strandGiven(stripes, 2, given, [weighed])).toEqual({ white: 30, blue: 53 });
		expect(
			strandGiven(stripes, 2, given, [weighed, { ...weighed, leftM: 40, made: 16, at: 7 }])
		).toEqual({ white: 30, blue: 52 });
		const [, blue] = strandLeft(stripes, 15, 2, { white: 30, blue: 53 }).reverse();
		expect(blue).toBeUndefined();
		expect(strandLeft(stripes, 15, 2, { white: 30, blue: 53 })[0]?.inHandM).toBe(43);
	});
});

describe('the ways out where a colour will not do', () => {
	const of = (...pairs: readonly (readonly [(typeof colourNames)[number], number])[]) =>
		pairs.map(([colour, rows]) => ({ colour, rows }));
	it('are none where nothing lacks', () => {
		const mat = { stripes: of(['blue', 10]), made: 3, rowM: 2, ballM: 9, storeM: {} };
		expect(waysOut({ ...mat, givenM: { blue: 20 } })).toEqual([]);
		expect(waysOut({ ...mat, givenM: { blue: 18 } })).toMatchObject([
			{ way: 'ball', balls: [{ colour: 'blue', count: 1 }] }
		]);
		expect(waysOut({ ...mat, givenM: {} })).toMatchObject([
			{ balls: [{ colour: 'blue', count: 2 }] }
		]);
	});
	it('mirror the mat from the row from which strand does', () => {
		const stripes = of(['white', 6], ['blue', 6], ['white', 6], ['blue', 6]);
		// White there is enough of, blue for four rows more.
		const ways = waysOut({
			stripes,
			made: 12,
			rowM: 1,
			givenM: { white: 30, blue: 10 },
			ballM: 8,
			storeM: {}
		});
		expect(ways.find(({ way }) => way === 'mirror')).toEqual({
			way: 'mirror',
			row: 16,
			// Four rows of white, and then all backwards, as far as the mat goes.
			stripes: of(['white', 6], ['blue', 6], ['white', 8], ['blue', 4])
		});
	});
	it('spread what is left over its stripes, and give whole stripes to what there is more of', () => {
		const stripes = of(['white', 4], ['blue', 6], ['white', 4], ['blue', 6], ['green', 4]);
		const ways = waysOut({
			stripes,
			made: 4,
			rowM: 1,
			givenM: { white: 14, blue: 8, green: 9 },
			ballM: 8,
			storeM: {}
		});
		expect(ways.map(({ way }) => way)).toEqual(['ball', 'spread', 'order']);
		expect(ways[1]?.stripes).toEqual(
			of(['white', 4], ['blue', 4], ['white', 6], ['blue', 4], ['green', 6])
		);
		expect(ways[2]?.stripes).toEqual(
			of(['white', 4], ['blue', 6], ['white', 4], ['green', 6], ['white', 4])
		);
	});
	it('leave what is made, take no more than is at hand, and change no number of rows, in any mat', () =>
		fc.assert(
			fc.property(
				fc.array(
					fc.record({
						colour: fc.constantFrom(...colourNames.slice(0, 3)),
						rows: fc.integer({ min: 1, max: 12 })
					}),
					{ minLength: 2, maxLength: 8 }
				),
				fc.nat(100),
				fc.array(fc.nat(60), { minLength: 3, maxLength: 3 }),
				fc.array(fc.nat(20), { minLength: 3, maxLength: 3 }),
				(stripes, madeOf100, given, stored) => {
					const rows = stripes.flatMap(({ colour, rows: count }) =>
						Array.from({ length: count }, () => colour)
					);
					const made = Math.floor((madeOf100 / 100) * (rows.length - 1));
					const givenM = Object.fromEntries(
						colourNames.slice(0, 3).map((colour, at) => [colour, given[at] ?? 0])
					);
					const storeM = Object.fromEntries(
						colourNames.slice(0, 3).map((colour, at) => [colour, stored[at] ?? 0])
					);
					for (const way of waysOut({ stripes, made, rowM: 1, givenM, storeM, ballM: 7 })) {
						const all = way.stripes.flatMap(({ colour, rows: count }) =>
							Array.from({ length: count }, () => colour)
						);
						expect(all.length).toBe(rows.length);
						expect(all.slice(0, made)).toEqual(rows.slice(0, made));
						if (way.way === 'ball') continue;
						for (const colour of colourNames.slice(0, 3)) {
							const count = (some: readonly string[]) =>
								some.filter((one) => one === colour).length;
							const inHand =
								Math.max(0, (givenM[colour] ?? 0) - count(rows.slice(0, made))) +
								(storeM[colour] ?? 0);
							expect(count(all.slice(made))).toBeLessThanOrEqual(inHand);
						}
					}
				}
			),
			{ numRuns: 400 }
		));
});

describe('balls chosen for a mat', () => {
	const lack = (lacksM: number) => [
		{ colour: 'blue' as const, neededM: lacksM, inHandM: 0, lacksM }
	];
	it('are as near to what lacks as any set of them, whatever they are', () =>
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: 5, max: 400 }), { minLength: 1, maxLength: 9 }),
				fc.integer({ min: 1, max: 1500 }),
				(tenths, lacks) => {
					const balls = tenths.map((one, at) => ({
						code: String(at),
						colour: 'blue' as const,
						metres: one / 10
					}));
					const chosen = chooseBalls(lack(lacks / 10), balls);
					const sum = (some: readonly { metres: number }[]) =>
						Math.round(some.reduce((all, { metres }) => all + metres * 10, 0));
					const sums = Array.from({ length: 2 ** balls.length }, (_, set) =>
						sum(balls.filter((_, at) => (set >> at) & 1))
					).filter((one) => one >= lacks);
					expect(sum(chosen)).toBe(sums.length > 0 ? Math.min(...sums) : sum(balls));
				}
			),
			{ numRuns: 200 }
		));
	it('are of the colour that lacks, and none where nothing does', () => {
		const balls = [
			{ code: 'W', colour: 'white' as const, metres: 40 },
			{ code: 'B', colour: 'blue' as const, metres: 30 }
		];
		expect(chooseBalls(lack(20), balls).map(({ code }) => code)).toEqual(['B']);
		expect(chooseBalls(lack(0), balls)).toEqual([]);
		expect(() => chooseBalls(lack(1), [{ code: 'N', colour: 'blue', metres: 0 }])).toThrow(
			DomainError
		);
	});
});
