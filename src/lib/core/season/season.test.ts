import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DomainError } from '../domain-error';
import { seededRng } from '../statistics/rng';
import { drawAmount, drawAmountHabit } from './amounts';
import { forecastOf, forecastSeason, leverNames, withLever } from './forecast';
import { exchangedOf, withNewMats } from './exchange';
import type { SeasonNow, SeasonRun } from './now';
import { asBefore } from './now';
import { seasonRuns } from './season';

const nothing: SeasonNow = {
	weeks: 10,
	handedOver: 0,
	ready: 0,
	inCheck: 0,
	mats: [],
	freeMakers: [],
	strandMats: 0,
	bagMats: 0,
	bagsPerWeek: [],
	tableDays: [],
	perTableDay: [],
	checks: { good: 0, mended: 0 },
	newMat: asBefore,
	looms: null
};
const chance = { seed: 1, runs: 400 };
const steady = [0.3, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3, 0.3];
const days = (count: number) =>
	Array.from({ length: count }, (_, at) => ({ week: at + 1, attendance: 1, stream: at }));
const expected = (now: SeasonNow) =>
	forecastOf(seasonRuns(now, chance), 1, now.handedOver + now.ready).readyBy.expected;

describe('a season', () => {
	it('of nothing is nothing, and of what is there that', () => {
		expect(seasonRuns(nothing, chance).every(({ ready }) => ready.every((one) => one === 0))).toBe(
			true
		);
		const there = { ...nothing, handedOver: 3, ready: 2 };
		expect(new Set(seasonRuns(there, chance).flatMap(({ ready }) => ready))).toEqual(new Set([5]));
	});
	it('has mats in check ready in the first week where they are good, all of them by the second', () => {
		const runs = seasonRuns({ ...nothing, inCheck: 3, checks: { good: 40, mended: 10 } }, chance);
		expect(runs.every(({ ready }) => ready[1] === 3)).toBe(true);
		const first = runs.reduce((sum, { ready }) => sum + (ready[0] ?? 0), 0) / (3 * runs.length);
		// Beta(44, 11): four in five.
		expect(first).toBeGreaterThan(0.75);
		expect(first).toBeLessThan(0.85);
	});
	it('counts a mat that is made already as in check, and its maker as free', () => {
		const made = { ...nothing, mats: [{ done: 1, weeks: steady, isOnLoom: false }], strandMats: 1 };
		const runs = seasonRuns({ ...made, weeks: 2 }, chance);
		expect(runs.every(({ ready }) => ready[1] === 1)).toBe(true);
		// Its maker took up the strand there is in the first week.
		const first = seasonRuns({ ...made, weeks: 1 }, chance);
		expect(first.every(({ isMakerWaiting }) => !isMakerWaiting)).toBe(true);
	});
	it('takes up strand that is there today at the end of the first week, and works from the next', () => {
		// A maker who makes a whole mat a week: begun at the end of week 1, made in week 2, ready in 3 or 4.
		const quick = { weeks: Array.from({ length: 40 }, () => 3) };
		const runs = seasonRuns(
			{
				...nothing,
				weeks: 4,
				freeMakers: [quick],
				strandMats: 1,
				checks: { good: 9000, mended: 0 }
			},
			chance
		);
		const at = (week: number) =>
			runs.reduce((sum, { ready }) => sum + (ready[week - 1] ?? 0), 0) / runs.length;
		expect([at(1), at(2)]).toEqual([0, 0]);
		expect(at(3)).toBeGreaterThan(0.8);
	});
	it('makes no more mats than there is strand for', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 6, noNaN: true }),
				fc.integer({ min: 0, max: 5 }),
				fc.integer({ min: 0, max: 4 }),
				(strandMats, free, inHand) => {
					const now: SeasonNow = {
						...nothing,
						weeks: 40,
						inCheck: 1,
						strandMats,
						mats: Array.from({ length: inHand }, () => ({
							done: 0.5,
							weeks: steady,
							isOnLoom: false
						})),
						freeMakers: Array.from({ length: free }, () => ({ weeks: steady }))
					};
					const most = 1 + inHand + Math.floor(strandMats + 1e-9);
					for (const { ready } of seasonRuns(now, { seed: 3, runs: 20 }))
						expect(ready.at(-1)).toBeLessThanOrEqual(most);
				}
			),
			{ numRuns: 60 }
		));
	it('makes strand of no more bags than there are', () => {
		const now: SeasonNow = {
			...nothing,
			weeks: 40,
			tableDays: days(40),
			perTableDay: [5, 5, 5].map((made) => ({ made, isShort: false })),
			bagMats: 2,
			bagsPerWeek: Array.from({ length: 400 }, () => 0),
			freeMakers: Array.from({ length: 6 }, () => ({ weeks: steady }))
		};
		const runs = seasonRuns(now, { seed: 3, runs: 60 });
		// Now and then bags come where none came for years.
		const plain = runs.filter(({ ready }) => (ready.at(-1) ?? 0) <= 2);
		expect(plain.length).toBeGreaterThan(40);
		expect(runs.every(({ ranOutOfBags }) => ranOutOfBags)).toBe(true);
	});
	it('ran out of bags where the last table day did, not where one before it did', () => {
		const now: SeasonNow = {
			...nothing,
			weeks: 12,
			tableDays: [
				{ week: 1, attendance: 1, stream: 0 },
				{ week: 12, attendance: 1, stream: 1 }
			],
			perTableDay: [1, 1, 1, 1].map((made) => ({ made, isShort: false })),
			bagMats: 0,
			bagsPerWeek: Array.from({ length: 200 }, () => 50)
		};
		const runs = seasonRuns(now, { seed: 5, runs: 40 });
		expect(runs.some(({ ranOutOfBags }) => ranOutOfBags)).toBe(false);
		const first = { ...now, tableDays: now.tableDays.slice(0, 1) };
		expect(seasonRuns(first, { seed: 5, runs: 40 }).every((one) => one.ranOutOfBags)).toBe(true);
	});
	it('with nothing behind it makes and gathers what the craft does: 0.8 mats’ worth a day and a week', () => {
		const now: SeasonNow = { ...nothing, weeks: 30, tableDays: days(30), freeMakers: [] };
		const makers = Array.from({ length: 200 }, () => ({ weeks: [] }));
		const begun = (more: Partial<SeasonNow>) =>
			seasonRuns({ ...now, freeMakers: makers, ...more }, { seed: 11, runs: 400 })
				.map((one) => one.begun)
				.toSorted((one, other) => one - other)[200];
		// The middle of many seasons: of table days with bags enough, and of what is gathered for them.
		expect([
			begun({ bagMats: 10_000 }),
			begun({ bagMats: 0, perTableDay: [{ made: 100, isShort: false }] })
		]).toEqual([22, 19]);
	});
	it('needs a loom for each mat where looms are counted', () => {
		const now = { ...nothing, strandMats: 4, freeMakers: [{ weeks: steady }] };
		expect(expected({ ...now, looms: 0 })).toBe(0);
		expect(expected({ ...now, looms: 1 })).toBe(expected(now));
		const { heldBackBy } = forecastOf(seasonRuns({ ...now, looms: 0 }, chance), 1, 0);
		expect(heldBackBy).toEqual({ looms: 1 });
	});
	it('has a loom back only from a mat that is on one', () => {
		const hands = { ...nothing, strandMats: 4, looms: 1 };
		const begun = (isOnLoom: boolean) =>
			expected({ ...hands, mats: [{ done: 0.2, weeks: steady, isOnLoom }] });
		// A mat that was on none gives none back: no other is begun.
		expect(
			expected({ ...hands, looms: 0, mats: [{ done: 0.9, weeks: steady, isOnLoom: false }] })
		).toBe(1);
		// The mat that is being made is made either way; the one after it waits for no loom that it did not have.
		expect(begun(true)).toBe(begun(false));
		const two = (isOnLoom: boolean) => ({
			...hands,
			mats: [{ done: 0.2, weeks: [0.001, 0.001, 0.001, 0.001], isOnLoom }],
			freeMakers: [{ weeks: steady }]
		});
		// Its one loom is taken by a mat that hardly goes on.
		expect(expected(two(true))).toBeLessThan(0.2);
		expect(expected(two(false))).toBeGreaterThan(0.9);
	});
	it('of other mats takes their strand, and grows at their pace', () => {
		const now = { ...nothing, strandMats: 1, freeMakers: [{ weeks: steady }] };
		const of = (strand: number, pace: number) => expected({ ...now, newMat: { strand, pace } });
		expect(of(1.01, 1)).toBe(0);
		expect(of(0.25, 3)).toBeGreaterThan(3);
		expect(of(0.25, 3)).toBeLessThanOrEqual(4);
		expect(of(1, 0.01)).toBe(0);
	});
	it('is the same for the same seed, and never goes back', () => {
		const now: SeasonNow = {
			...nothing,
			mats: [{ done: 0.4, weeks: [0.1, 0, 0.2], isOnLoom: false }],
			freeMakers: [{ weeks: [] }],
			strandMats: 2,
			bagMats: 3,
			tableDays: days(5)
		};
		expect(seasonRuns(now, chance)).toEqual(seasonRuns(now, chance));
		for (const { ready } of seasonRuns(now, chance))
			expect(ready).toEqual(ready.toSorted((one, other) => one - other));
	});
	it.each([
		[{ weeks: -1 }],
		[{ weeks: 3.5 }],
		[{ strandMats: -1 }],
		[{ bagMats: NaN }],
		[{ inCheck: 0.5 }],
		[{ mats: [{ done: -0.1, weeks: [], isOnLoom: false }] }],
		[{ mats: [{ done: 0.1, weeks: [-1], isOnLoom: false }] }],
		[{ bagsPerWeek: [-2] }],
		[{ newMat: { strand: 0, pace: 1 } }],
		[{ newMat: { strand: 1, pace: NaN } }],
		[{ looms: -1 }]
	])('of %j is refused', (slip) =>
		expect(() => seasonRuns({ ...nothing, ...slip }, chance)).toThrow(DomainError)
	);
});

describe('a forecast', () => {
	const run = (count: number, more: Partial<SeasonRun> = {}): SeasonRun => ({
		ready: [0, count],
		made: [0, 0],
		inCheck: 0,
		begun: 0,
		ranOutOfBags: false,
		isMakerWaiting: false,
		isLoomLacking: false,
		...more
	});
	it('says the mean, the nearest-rank points, the share of each count and the chance', () => {
		const runs = [1, 2, 2, 3, 3, 3, 4, 4, 5, 9].map((count) => run(count));
		const { readyBy, chance: share, weeks } = forecastOf(runs, 4, 0);
		expect(readyBy).toMatchObject({ low: 1, expected: 3.6, high: 5 });
		expect([...readyBy.chances]).toEqual([
			[1, 0.1],
			[2, 0.2],
			[3, 0.3],
			[4, 0.2],
			[5, 0.1],
			[9, 0.1]
		]);
		expect(share).toBe(0.4);
		expect(weeks).toHaveLength(2);
	});
	it('says what held back the runs that fall short, the nearest cause first', () => {
		const runs = [
			run(6),
			run(5, { inCheck: 1, ranOutOfBags: true }),
			run(4, { inCheck: 1, ranOutOfBags: true, isMakerWaiting: true }),
			run(4, { isMakerWaiting: true }),
			run(3)
		];
		expect(forecastOf(runs, 6, 0).heldBackBy).toEqual({
			checks: 0.25,
			bags: 0.25,
			strand: 0.25,
			makers: 0.25
		});
		expect(forecastOf([run(6)], 6, 0).heldBackBy).toEqual({});
	});
	it('of no week is what there is today', () =>
		expect(forecastOf([{ ...run(0), ready: [] }], 3, 3)).toMatchObject({
			chance: 1,
			readyBy: { low: 3, expected: 3, high: 3 },
			weeks: []
		}));
});

describe('a lever', () => {
	const now: SeasonNow = {
		...nothing,
		weeks: 12,
		mats: [{ done: 0.4, weeks: [0.1, 0, 0.2, 0.1], isOnLoom: false }],
		freeMakers: Array.from({ length: 4 }, () => ({ weeks: steady })),
		bagMats: 3,
		bagsPerWeek: [0.4, 0.2, 0.5],
		tableDays: days(4),
		perTableDay: [0.8, 1.1, 0.6].map((made) => ({ made, isShort: false }))
	};
	it.each(leverNames)('%s never takes mats away, beyond chance', (lever) => {
		const { levers } = forecastSeason(now, 5, 550, chance);
		const adds = levers.find(({ what }) => what === lever)?.adds ?? NaN;
		expect(adds).toBeGreaterThan(-0.05);
	});
	it('that cannot help adds exactly nothing: all else keeps its luck', () => {
		const idle = { ...now, freeMakers: [], mats: [] };
		for (const { adds } of forecastSeason(idle, 1, 550, chance).levers.filter(
			({ what }) => what !== 'two-makers'
		))
			expect(adds).toBe(0);
	});
	it('adds a day in the middle, makers at the end, or bags today', () => {
		expect(withLever(now, 'table-day', 550).tableDays.at(-1)).toMatchObject({ week: 6 });
		expect(withLever(now, 'two-makers', 550).freeMakers).toHaveLength(6);
		expect(withLever(now, 'bags-300', 600).bagMats).toBe(3.5);
		// Twice the same lever is two days with a luck of their own.
		const twice = withLever(withLever(now, 'table-day', 550), 'table-day', 550).tableDays;
		expect(new Set(twice.map(({ stream }) => stream)).size).toBe(6);
		expect(() => withLever(now, 'bags-300', 0)).toThrow(DomainError);
	});
});

describe('amounts of the past', () => {
	const mean = (past: readonly { made: number; isShort: boolean }[]) => {
		const rng = seededRng(5);
		let sum = 0;
		for (let nth = 0; nth < 4000; nth++)
			sum += drawAmount(drawAmountHabit(past, { mean: 0.8, cv: 0.5 }, rng), rng);
		return sum / 4000;
	};
	const past = (made: number, isShort = false) =>
		Array.from({ length: 12 }, (_, at) => ({ made: made * (at % 2 === 0 ? 0.8 : 1.2), isShort }));
	it('set what is thought of the next; before any, the prior does', () => {
		expect(mean(past(2))).toBeGreaterThan(1.8);
		expect(mean(past(2))).toBeLessThan(2.25);
		expect(mean([])).toBeGreaterThan(0.6);
	});
	it('that ran short are thought larger than they were; those of nothing say nothing', () => {
		const half = past(2).map((one, at) => ({ ...one, isShort: at % 3 === 0 }));
		expect(mean(half)).toBeGreaterThan(mean(past(2)) + 0.1);
		expect(mean([...past(2), { made: 0, isShort: false }])).toBe(mean(past(2)));
	});
});

describe('another kind of mat', () => {
	const kind = { bags: 500, makingSeconds: 200_000 };
	const now: SeasonNow = {
		...nothing,
		strandMats: 3,
		freeMakers: [{ weeks: steady }, { weeks: steady }]
	};
	const forecast = (of: SeasonNow) => forecastOf(seasonRuns(of, chance), 4, 0);
	it('that is the same changes exactly nothing', () => {
		const same = forecast(withNewMats(now, kind, kind, null));
		expect(same).toEqual(forecast(now));
		expect(
			exchangedOf({ forecast: forecast(now), bags: 500 }, { forecast: same, bags: 500 })
		).toEqual({ adds: 0, chance: same.chance, moreBags: 0 });
	});
	it('that is made faster of more bags is more mats while strand lasts, and takes more bags', () => {
		const fast = withNewMats(now, kind, { bags: 750, makingSeconds: 50_000 }, 2);
		expect(fast).toMatchObject({ newMat: { strand: 1.5, pace: 4 }, looms: 2 });
		const [before, after] = [forecast(now), forecast(fast)];
		// Strand of three is strand of two such mats.
		expect(after.readyBy.high).toBe(2);
		expect(after.begun).toBeCloseTo(2, 1);
		const said = exchangedOf({ forecast: before, bags: 500 }, { forecast: after, bags: 750 });
		expect(said.moreBags).toBeCloseTo(after.begun * 750 - before.begun * 500, 6);
		expect(said.adds).toBe(after.readyBy.expected - before.readyBy.expected);
	});
	it('of nothing is refused', () =>
		expect(() => withNewMats(now, kind, { bags: 0, makingSeconds: 1 }, null)).toThrow(DomainError));
});

describe('makers by their ids, their rests and days away', () => {
	const maker = (id: string, share: number) => ({
		id,
		weeks: Array.from({ length: 8 }, (_, at) => share * (0.8 + 0.05 * at))
	});
	const mats = [
		{ ...maker('a', 0.1), done: 0.2, isOnLoom: false },
		{ ...maker('b', 0.3), done: 0.5, isOnLoom: false },
		{ ...maker('c', 0.05), done: 0.9, isOnLoom: false }
	];
	const freeMakers = [maker('d', 0.2)];
	const now: SeasonNow = { ...nothing, mats, freeMakers, strandMats: 3, weeks: 12 };
	it('the same season in another order gives the same answer', () => {
		const of = (season: SeasonNow) => forecastOf(seasonRuns(season, chance), 4, 0);
		const other = { ...now, mats: [mats[2], mats[0], mats[1]].flatMap((mat) => mat ?? []) };
		expect(of(other)).toEqual(of(now));
		// One more beside them changes nothing of their luck.
		const more = {
			...now,
			strandMats: 0,
			mats: [{ ...maker('e', 0.0001), done: 0, isOnLoom: false }, ...mats]
		};
		expect(of(more).readyBy).toEqual(of({ ...now, strandMats: 0 }).readyBy);
	});
	it('a mat that rests, or whose maker is away, gains nothing then and comes later', () => {
		const quick = { id: 'q', weeks: steady.map(() => 2), done: 0, isOnLoom: false };
		const first = (mat: Partial<typeof quick> & { restWeeks?: number; away?: number[] }) =>
			expected({
				...nothing,
				weeks: 4,
				mats: [{ ...quick, ...mat }],
				checks: { good: 9000, mended: 0 }
			});
		expect(first({})).toBeGreaterThan(0.95);
		expect(first({ restWeeks: 3 })).toBe(0);
		expect(first({ away: [1, 2, 3] })).toBe(0);
		expect(first({ away: [4] })).toBe(first({}));
	});
	it('who is away takes up no mat: the next one does, and the yarn waits for nobody', () => {
		const quick = (id: string, away?: number[]) => ({
			id,
			weeks: steady.map(() => 2),
			...(away ? { away } : {})
		});
		const season = { ...nothing, weeks: 6, strandMats: 1, checks: { good: 9000, mended: 0 } };
		const all = [1, 2, 3, 4, 5, 6];
		const ready = (freeMakers: SeasonNow['freeMakers']) => expected({ ...season, freeMakers });
		expect(ready([quick('a', all)])).toBe(0);
		expect(ready([quick('a', all), quick('b')])).toBe(ready([quick('b')]));
		const runs = seasonRuns({ ...season, strandMats: 0, freeMakers: [quick('a', all)] }, chance);
		expect(runs.some(({ isMakerWaiting }) => isMakerWaiting)).toBe(false);
	});
});

describe('more of something', () => {
	const maker = fc
		.record({
			share: fc.double({ min: 0.02, max: 0.5, noNaN: true }),
			weeks: fc.integer({ min: 0, max: 10 })
		})
		.map(({ share, weeks }) => ({
			weeks: Array.from({ length: weeks }, (_, at) => share * (0.7 + 0.06 * at))
		}));
	const seasons: fc.Arbitrary<SeasonNow> = fc
		.record({
			weeks: fc.integer({ min: 2, max: 16 }),
			mats: fc.array(maker, { maxLength: 5 }),
			freeMakers: fc.array(maker, { maxLength: 4 }),
			strandMats: fc.double({ min: 0, max: 2, noNaN: true }),
			bagMats: fc.double({ min: 0, max: 2, noNaN: true })
		})
		.map(({ mats, ...more }) => ({
			...nothing,
			...more,
			mats: mats.map((one) => ({ ...one, done: 0.4, isOnLoom: false })),
			tableDays: days(more.weeks).filter(({ week }) => week % 3 > 0),
			perTableDay: [0.4, 0.8, 1.1].map((made) => ({ made, isShort: false })),
			bagsPerWeek: [0.2, 0, 0.7]
		}));
	it('more bags, days and weeks lower neither the mean nor the chance', () =>
		fc.assert(
			fc.property(seasons, fc.integer({ min: 1, max: 5 }), (now, wanted) => {
				const of = (season: SeasonNow) =>
					forecastOf(seasonRuns(season, { seed: 4, runs: 150 }), wanted, 0);
				const plain = of(now);
				for (const more of [
					{ ...now, bagMats: now.bagMats + 0.6 },
					withLever(now, 'table-day', 550),
					{ ...now, weeks: now.weeks + 1 }
				]) {
					expect(of(more).readyBy.expected).toBeGreaterThanOrEqual(plain.readyBy.expected);
					expect(of(more).chance).toBeGreaterThanOrEqual(plain.chance);
				}
			}),
			{ numRuns: 25 }
		));
	it('a lever is never worth less than nothing: slow makers take no yarn from quick ones', () => {
		// Two beginners would be given the yarn that a quick maker, free again soon, makes more of.
		const quick = { weeks: Array.from({ length: 40 }, () => 0.5) };
		const now: SeasonNow = {
			...nothing,
			weeks: 8,
			mats: [{ ...quick, done: 0.6, isOnLoom: false }],
			strandMats: 1
		};
		const added = { ...now, freeMakers: [{ weeks: [] }, { weeks: [] }] };
		expect(expected(added)).toBeLessThan(expected(now));
		const { levers, ...plain } = forecastSeason(now, 2, 550, chance);
		const lever = levers.find(({ what }) => what === 'two-makers');
		expect(lever?.adds).toBe(0);
		expect(lever?.forecast.readyBy.expected).toBe(plain.readyBy.expected);
		for (const one of levers) expect(one.forecast.chance).toBeGreaterThanOrEqual(plain.chance);
	});
});
