import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DomainError } from '../domain-error';
import { addsOf } from './adds';
import type { LineDay, SeatTime } from './day';
import { plainly } from './day';
import { anyDay, line, nothing } from './day.arbitrary';
import { fluidDay } from './fluid.arbitrary';
import { manyDays } from './many-days';
import type { Amounts } from './assembly-line';
import { courseOf } from './course';
import { beginDay } from './day-state';
import { amountsAt, runDay, runUntil } from './run-day';
import { seededChance, usualSpreads } from './seeded-chance';

const sitting = (name: string, station: SeatTime['station'], more: Partial<SeatTime> = {}) => ({
	name,
	speed: 1,
	station,
	fromS: 0,
	toS: 3600,
	...more
});
const day = (stock: Partial<Amounts>, sittings: readonly SeatTime[], room = {}): LineDay => ({
	line,
	stock: { ...nothing, ...stock },
	room,
	lengthS: 3600,
	sittings
});
/** All film of a day, in pieces. */
const filmOf = (
	{ bags, flat, pieces, joined, balls }: Amounts,
	{ piecesPerBag, bagsPerBall }: LineDay['line']
) => pieces + piecesPerBag * (bags + flat + joined + balls * bagsPerBall);

describe('a day', () => {
	it('tells what each seat worked, starved and was blocked', () => {
		// Three bags lie flat: one stack of 72 s, then the last of nothing. Joins begin after it.
		const { seats, counts } = runDay(
			day({ flat: 3 }, [sitting('Odo', 'cut'), sitting('Mabel', 'join', { toS: 1800 })]),
			plainly
		);
		expect(counts).toEqual({ ...nothing, joined: 3 });
		expect(seats[0]).toEqual({ workedS: 72, starvedS: 3528, blockedS: 0, lots: 1 });
		expect(seats[1]).toEqual({ workedS: 180, starvedS: 72 + 1800 - 252, blockedS: 0, lots: 3 });
	});

	it('holds a whole lot while its result has no room, and puts it down when there is', () => {
		const { seats, counts } = runDay(
			day({ bags: 60 }, [sitting('Wren', 'flatten'), sitting('Odo', 'cut', { fromS: 1800 })], {
				flat: 30
			}),
			plainly
		);
		// 20 are put down at 300 s, the next 20 are done at 600 s and do not fit until 10 are cut: at
		// 1800 + 3 × 72 s the fourth stack is taken, and 20 + 8 lie there. The last 20 wait from 2316 s,
		// when 16 lie there, until two more stacks are taken, at 2448 s.
		expect(seats[0]?.blockedS).toBeCloseTo(1800 + 3 * 72 - 600 + (2448 - 2316), 6);
		expect(seats[0]?.lots).toBe(3);
		expect(counts.bags).toBe(0);
	});

	it('counts a lot that no room was found for as before its station', () => {
		const { counts } = runDay(
			day({ bags: 60 }, [sitting('Wren', 'flatten')], { flat: 30 }),
			plainly
		);
		expect(counts).toEqual({ ...nothing, bags: 40, flat: 20 });
	});

	it('calls nobody starved or blocked who has a lot before them that is too long', () => {
		const { seats } = runDay(
			day({ bags: 40 }, [sitting('Wren', 'flatten', { toS: 500 })]),
			plainly
		);
		expect(seats[0]).toEqual({ workedS: 300, starvedS: 0, blockedS: 0, lots: 1 });
	});

	it('serves people in the order of the list', () => {
		const two = [sitting('Mabel', 'join'), sitting('Tilde', 'join')];
		const of = (sittings: readonly SeatTime[]) =>
			runDay(day({ pieces: 4 }, sittings), plainly).seats.map(({ lots }) => lots);
		expect(of(two)).toEqual([1, 0]);
		expect(of(two.toReversed())).toEqual([1, 0]);
	});

	it.each([
		['piecesPerBag', { line: { ...line, piecesPerBag: 0 } }],
		['bags', { stock: { ...nothing, bags: 0.5 } }],
		['joined', { stock: { ...nothing, joined: -1 } }],
		['lengthS', { lengthS: 0 }],
		['speed', { sittings: [sitting('Wren', 'cut', { speed: 0 })] }],
		['toS', { sittings: [sitting('Wren', 'cut', { fromS: 60, toS: 60 })] }]
	])('with a wrong %s is refused', (parameter, slip) => {
		const run = () => runDay({ ...day({}, []), ...slip }, plainly);
		expect(run).toThrow(DomainError);
		expect(run).toThrow(parameter);
	});
});

describe('any day', () => {
	const chances = fc.option(fc.nat(1000), { nil: null });
	const chanceOf = (seed: number | null) =>
		seed === null ? plainly : seededChance(seed, usualSpreads);

	it('makes nothing of nothing, and no place holds more than its room', () =>
		fc.assert(
			fc.property(anyDay, chances, (any, seed) => {
				const before = filmOf(any.stock, any.line);
				for (const { amounts } of courseOf(any, chanceOf(seed))) {
					expect(filmOf(amounts, any.line)).toBeLessThanOrEqual(before + 1e-6);
					for (const [place, most] of Object.entries(any.room))
						expect(amounts[place as keyof Amounts]).toBeLessThanOrEqual(
							Math.max(most, any.stock[place as keyof Amounts]) + 1e-6
						);
				}
				expect(filmOf(runDay(any, chanceOf(seed)).counts, any.line)).toBeCloseTo(before, 6);
			})
		));

	it('spends no more time at a seat than it was sat on', () =>
		fc.assert(
			fc.property(anyDay, chances, (any, seed) => {
				for (const [at, { workedS, starvedS, blockedS }] of runDay(
					any,
					chanceOf(seed)
				).seats.entries()) {
					const { fromS = 0, toS = 0 } = any.sittings[at] ?? {};
					expect(workedS + starvedS + blockedS).toBeLessThanOrEqual(toS - fromS + 1e-3);
				}
			})
		));

	it('stopped with its lots under way and gone on with ends as it would have', () =>
		fc.assert(
			fc.property(
				anyDay,
				chances,
				fc.double({ min: 0, max: 1, noNaN: true }),
				(any, seed, part) => {
					const stopped = runUntil(beginDay(any, chanceOf(seed)), part * any.lengthS, () => {});
					const later = { ...stopped, state: structuredClone(stopped.state) };
					const counts = amountsAt(runUntil(later, any.lengthS, () => {}));
					expect(counts).toEqual(runDay(any, chanceOf(seed)).counts);
				}
			)
		));

	it('brings no fewer balls with one more person who is served last', () =>
		fc.assert(
			fc.property(anyDay, (any) => {
				const free = { ...any, room: {} };
				for (const adds of Object.values(addsOf(free, plainly)))
					expect(adds).toBeGreaterThanOrEqual(0);
			}),
			{ numRuns: 300 }
		));
});

describe('chance', () => {
	const busy = day({ bags: 400, flat: 30, pieces: 60, joined: 12 }, [
		sitting('Wren', 'flatten'),
		sitting('Odo', 'cut'),
		sitting('Mabel', 'join'),
		sitting('Tilde', 'join', { speed: 1.3 }),
		sitting('Pia', 'ball')
	]);

	it('with no spread is the plain day, every time', () => {
		const { balls } = runDay(busy, plainly).counts;
		expect(
			manyDays(busy, { runs: 20, seed: 3, spreads: { lotCv: 0, dayCv: 0 } }, () => {})
		).toEqual({
			expected: balls,
			low: balls,
			high: balls
		});
	});

	it('is the same for the same seed, whoever else is there', () => {
		const chance = seededChance(5, usualSpreads);
		const alone = [0, 1, 2].map((nth) => chance('Wren', nth));
		const other = seededChance(5, usualSpreads);
		other('Odo', 4);
		expect([0, 1, 2].map((nth) => other('Wren', nth))).toEqual(alone);
		expect(seededChance(6, usualSpreads)('Wren', 0)).not.toBe(alone[0]);
	});

	it('has a mean of one, and spreads as it is told', () => {
		const days = Array.from({ length: 4000 }, (_, seed) =>
			seededChance(seed * 7919, { lotCv: 0, dayCv: 0.2 })('Wren', 0)
		);
		const mean = days.reduce((sum, one) => sum + one, 0) / days.length;
		const cv =
			Math.sqrt(days.reduce((sum, one) => sum + (one - mean) ** 2, 0) / days.length) / mean;
		expect(Math.abs(mean - 1)).toBeLessThan(0.01);
		expect(Math.abs(cv - 0.2)).toBeLessThan(0.01);
		const lots = seededChance(1, { lotCv: 0.15, dayCv: 0 });
		const drawn = Array.from({ length: 4000 }, (_, nth) => lots('Wren', nth));
		const lotMean = drawn.reduce((sum, one) => sum + one, 0) / drawn.length;
		expect(Math.abs(lotMean - 1)).toBeLessThan(0.01);
	});

	it('agrees within 3 % with a run of flowing film, where lots are small against the day', () => {
		for (let seed = 0; seed < 12; seed++) {
			const factors = seededChance(seed * 101, { lotCv: 0, dayCv: 0.2 });
			const lotted = seededChance(seed * 101, usualSpreads);
			const long: LineDay = {
				...busy,
				line: { ...line, bagsPerBall: 2, batch: 2 },
				stock: { ...busy.stock, bags: 3000 },
				lengthS: 36_000,
				sittings: busy.sittings.map((one) => ({ ...one, toS: 36_000 }))
			};
			const { balls, joined } = runDay(long, lotted).counts;
			const flowed = fluidDay(long, factors);
			expect(Math.abs((balls + joined / 2) / flowed - 1), `seed ${seed}`).toBeLessThan(0.03);
		}
	});
});
