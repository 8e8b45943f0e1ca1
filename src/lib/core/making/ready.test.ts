import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DomainError } from '../domain-error';
import { randomBeta, randomGamma } from '../statistics/draws';
import { seededRng } from '../statistics/rng';
import { mostWeeks, readyRuns, readyWeeks, weekOf } from './ready-on';
import { drawHabit, drawWeek, usualWeeks, weeksKnown } from './week-habit';

const mean = (values: readonly number[]) =>
	values.reduce((sum, one) => sum + one, 0) / values.length;
const variance = (values: readonly number[]) => {
	const middle = mean(values);
	return mean(values.map((one) => (one - middle) ** 2));
};

describe('numbers by chance', () => {
	it.each([0.4, 1, 3, 12])('gamma of shape %d has its mean and its variance', (shape) => {
		const rng = seededRng(5);
		const drawn = Array.from({ length: 20_000 }, () => randomGamma(rng, shape));
		expect(mean(drawn) / shape).toBeCloseTo(1, 1);
		expect(variance(drawn) / shape).toBeGreaterThan(0.93);
		expect(variance(drawn) / shape).toBeLessThan(1.07);
	});
	it('beta has its mean and its variance', () => {
		const rng = seededRng(5);
		const drawn = Array.from({ length: 20_000 }, () => randomBeta(rng, 2, 6));
		expect(mean(drawn)).toBeCloseTo(0.25, 2);
		expect(variance(drawn)).toBeCloseTo(12 / (64 * 9), 2);
	});
	it('no gamma has a shape of nothing', () =>
		expect(() => randomGamma(seededRng(1), 0)).toThrow(DomainError));
});

describe('the weeks of a maker', () => {
	it('are known as usual before any log: a mean share of 8 %, a variance of ln 1.36', () => {
		expect(weeksKnown([])).toEqual(usualWeeks);
		expect(Math.exp(usualWeeks.mu + Math.log(1.36) / 2)).toBeCloseTo(0.08, 9);
		expect(usualWeeks.b / (usualWeeks.a - 1)).toBeCloseTo(Math.log(1.36), 9);
	});
	it('are weighed by the closed forms, whatever their order', () => {
		const known = weeksKnown([0.05, 0, 0.2, 0]);
		const [one, other] = [Math.log(0.05), Math.log(0.2)];
		const middle = (one + other) / 2;
		expect(known).toMatchObject({ none: 3, some: 5, kappa: 3, a: 4 });
		expect(known.mu).toBeCloseTo((usualWeeks.mu + one + other) / 3, 9);
		expect(known.b).toBeCloseTo(
			usualWeeks.b + (one - other) ** 2 / 4 + (2 * (middle - usualWeeks.mu) ** 2) / 6,
			9
		);
		expect(weeksKnown([0, 0.2, 0, 0.05]).b).toBeCloseTo(known.b, 9);
	});
	it('are drawn as the habit has them', () => {
		const rng = seededRng(3);
		const habit = { none: 0.3, mu: Math.log(0.06), sigma: 0.5 };
		const drawn = Array.from({ length: 20_000 }, () => drawWeek(habit, rng));
		const some = drawn.filter((share) => share > 0).map(Math.log);
		expect(some.length / drawn.length).toBeCloseTo(0.7, 1);
		expect(mean(some)).toBeCloseTo(Math.log(0.06), 1);
		expect(Math.sqrt(variance(some))).toBeCloseTo(0.5, 1);
	});
	it('are surer the more of them there are', () => {
		const spread = (count: number) => {
			const known = weeksKnown(Array.from({ length: count }, (_, at) => 0.05 + 0.01 * (at % 3)));
			const rng = seededRng(2);
			return variance(Array.from({ length: 4000 }, () => drawHabit(known, rng).mu));
		};
		expect(spread(40)).toBeLessThan(spread(4) / 3);
	});
	it('take nothing below nothing', () => expect(() => weeksKnown([-0.1])).toThrow(DomainError));
});

describe('the week by which a mat is done', () => {
	const chance = { seed: 1, runs: 400 };
	it('is this week for a mat that is done, and none for one that nobody goes on with', () => {
		expect(readyWeeks(1, [], chance)).toEqual({ low: 0, middle: 0, high: 0 });
		const idle = readyWeeks(
			0.01,
			Array.from({ length: 400 }, () => 0),
			chance
		);
		expect(idle).toEqual({ low: null, middle: null, high: null });
	});
	it('is about what is left over what a week brings', () => {
		// Ten weeks of a tenth each: half a mat takes five of them, and now and then one is idle.
		const { low, middle, high } = readyWeeks(
			0.5,
			Array.from({ length: 30 }, () => 0.1),
			chance
		);
		expect(middle).toBeGreaterThanOrEqual(4);
		expect(middle).toBeLessThanOrEqual(6);
		expect(low).toBeGreaterThanOrEqual(3);
		expect(high).toBeLessThanOrEqual(8);
	});
	it('comes no later the more is done, by the same chance', () =>
		fc.assert(
			fc.property(
				fc.array(fc.double({ min: 0, max: 0.4, noNaN: true }), { maxLength: 12 }),
				fc.double({ min: 0, max: 1, noNaN: true }),
				fc.double({ min: 0, max: 1, noNaN: true }),
				(weeks, one, other) => {
					const few = { seed: 7, runs: 1 };
					const [less, more] = [Math.min(one, other), Math.max(one, other)];
					expect(readyRuns(more, weeks, few)[0]).toBeLessThanOrEqual(
						readyRuns(less, weeks, few)[0] ?? NaN
					);
				}
			),
			{ numRuns: 200 }
		));
	it('is read from the runs: the first by whose end so many are done', () => {
		const runs = [5, 0, 2, 2, 9, Infinity, 3, 4, 1, Infinity];
		expect([weekOf(runs, 0.1), weekOf(runs, 0.5), weekOf(runs, 0.8), weekOf(runs, 0.9)]).toEqual([
			0,
			3,
			9,
			null
		]);
	});
	it('is the same by the same seed', () => {
		expect(readyRuns(0.3, [0.1], chance)).toEqual(readyRuns(0.3, [0.1], chance));
		expect(readyRuns(0.3, [0.1], chance)).not.toEqual(
			readyRuns(0.3, [0.1], { ...chance, seed: 2 })
		);
		expect(Math.max(...readyRuns(0.9, [0.5, 0.5], chance))).toBeLessThan(mostWeeks);
	});
	it.each([
		[-0.1, 100],
		[0.5, 0],
		[0.5, 1.5]
	])('refuses %d done, %d runs', (done, runs) =>
		expect(() => readyRuns(done, [], { seed: 1, runs })).toThrow(DomainError)
	);
});
