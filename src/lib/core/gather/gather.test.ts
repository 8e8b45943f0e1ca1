import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DomainError } from '../domain-error';
import { randomNormal, seededRng } from '../statistics/rng';
import { countByWeight } from './count-by-weight';
import { gradeBag } from './grade';
import { rejectRate } from './reject-rate';
import { sampleOf } from './sample';
import { studentT90 } from '../statistics/student-t';
import type { PanChange } from './scale';
import { kitchenScale, readScale } from './scale';

describe('a box counted by weight', () => {
	const sample = { handfuls: 2, bagsEach: 10, meanG: 5.2, spreadG: 0.31 };

	it('has the bags its weight makes, and an interval that the craft’s relation gives', () => {
		const count = countByWeight(2900, 300, sample, 5);
		expect(count.bags).toBe(500);
		const n = 500;
		const [s, k] = [0.31 / 5.2, 20];
		const wanted = Math.sqrt(n * s * s + (n * n * s * s) / k + ((n * 5) / 2600) ** 2);
		expect(count.standardError).toBeCloseTo(wanted, 9);
	});

	// As the form has it: handfuls of ten, a scale good to 2 g, bags that differ by a fifth.
	it.each([1, 2, 3, 4, 10])(
		'holds the true count in 8 of 10 cases after %i handfuls',
		(handfuls) => {
			const rng = seededRng(5 + handfuls);
			const trials = 2000;
			let held = 0;
			for (let trial = 0; trial < trials; trial++) {
				const weigh = (bags: number) => bags * 5.2 + Math.sqrt(bags) * 1.04 * randomNormal(rng);
				const onScale = (g: number) => g + (randomNormal(rng) * 2) / 2;
				const weighed = sampleOf(
					Array.from({ length: handfuls }, () => weigh(10)),
					10
				);
				const { low, high } = countByWeight(onScale(weigh(300)) + 200, 200, weighed, 2);
				if (low <= 300 && 300 <= high) held++;
			}
			expect(held / trials).toBeGreaterThan(0.77);
			expect(held / trials).toBeLessThan(0.83);
		}
	);

	it('is within 3 % once so many more are weighed, and not before', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.02, max: 0.3, noNaN: true }),
				fc.integer({ min: 2, max: 30 }),
				fc.integer({ min: 200, max: 3000 }),
				(cv, k, n) => {
					const of = (handfuls: number) =>
						countByWeight(n * 5, 0, { handfuls, bagsEach: 1, meanG: 5, spreadG: cv * 5 }, 0.1);
					const { moreToWeigh, share } = of(k);
					if (moreToWeigh === null) return;
					expect(moreToWeigh === 0).toBe(share <= 0.03 + 1e-12);
					expect(of(k + moreToWeigh).share).toBeLessThanOrEqual(0.03 + 1e-9);
					if (moreToWeigh > 1) expect(of(k + moreToWeigh - 1).share).toBeGreaterThan(0.03 - 1e-9);
				}
			)
		);
	});

	it.each([NaN, Infinity, -1, 0])('refuses a net weight of %s g', (net) =>
		expect(() => countByWeight(300 + net, 300, sample, 5)).toThrow(DomainError)
	);
});

describe('Student’s t', () => {
	it.each([
		[1, 3.0777],
		[2, 1.8856],
		[3, 1.6377],
		[9, 1.383],
		[30, 1.3104],
		[1e6, 1.2816]
	])('of %s degrees holds 80 %% within %s', (degrees, reach) =>
		expect(studentT90(degrees)).toBeCloseTo(reach, 3)
	);

	it.each([NaN, Infinity, -1, 0, 0.5])('refuses %s degrees', (degrees) =>
		expect(() => studentT90(degrees)).toThrow(DomainError)
	);
});

describe('a weighed sample', () => {
	it('has the mean and the spread of its masses, found in one pass', () => {
		const { meanG, spreadG, handfuls } = sampleOf([5, 5.2, 5.4, 5.6], 1);
		expect([handfuls, meanG]).toEqual([4, 5.3]);
		expect(spreadG).toBeCloseTo(Math.sqrt(0.2 / 3), 9);
	});

	it('of one handful takes the craft’s spread', () =>
		expect(sampleOf([52], 10)).toEqual({ handfuls: 1, bagsEach: 10, meanG: 5.2, spreadG: 1.04 }));
});

describe('a simulated scale', () => {
	const change = { fromG: 0, toG: 520, tareG: 20 };
	const at = (seconds: number, more = {}) =>
		readScale({ ...change, ...more }, seconds, seededRng(1));

	it('settles to what lies on it, less the tare, in steps it can show', () => {
		const early = at(0.3);
		expect(early.state).toBe('settling');
		const late = at(5);
		expect(late.state).toBe('steady');
		expect(Math.abs((late.g ?? 0) - 500)).toBeLessThan(0.3);
		expect(((late.g ?? 0) * 10) % 1).toBeCloseTo(0, 6);
	});

	it('drifts while it is left alone', () =>
		expect((at(120).g ?? 0) - (at(5).g ?? 0)).toBeGreaterThan(0.1));

	it('says when it is loaded beyond what it takes, and when it is unplugged', () => {
		expect(at(2, { toG: kitchenScale.mostG + 1 })).toEqual({ state: 'overload', g: null });
		expect(at(2, { unpluggedAtS: 1.5 })).toEqual({ state: 'unplugged', g: null });
		expect(at(1, { unpluggedAtS: 1.5 }).state).toBe('settling');
	});
});

describe('a sorted bag', () => {
	it.each([
		[{}, 'strand', 'sound'],
		[{ isHoledAtEdge: true }, 'strand', 'hole-at-edge'],
		[{ isHoledInBody: true }, 'stuffing', 'hole-in-body'],
		[{ isDamp: true, isHoledInBody: true }, 'drying', 'damp'],
		[{ isOnlySmelly: true }, 'drying', 'smells'],
		[{ isBrittle: true, isDamp: true }, 'reject', 'brittle'],
		[{ isSoiledOrMouldy: true, isBrittle: true }, 'reject', 'soiled']
	] as const)('with %j is %s, because it is %s', (findings, grade, reason) =>
		expect(gradeBag(findings)).toEqual({ grade, reason })
	);
});

describe('a place’s rejects', () => {
	it('begin at the craft’s share and go to what is found', () => {
		expect(rejectRate({ sorted: 0, rejected: 0 })).toBeCloseTo(0.12, 9);
		expect(rejectRate({ sorted: 5000, rejected: 1500 })).toBeCloseTo(0.3, 2);
	});

	it.each([
		[-1, 0],
		[NaN, 0],
		[10, 11]
	])('refuses %s sorted with %s rejected', (sorted, rejected) =>
		expect(() => rejectRate({ sorted, rejected })).toThrow(DomainError)
	);
});

describe('a simulated scale', () => {
	const still = { ...kitchenScale, noiseG: 0, driftGPerMinute: 0, stepG: 0.001 };
	const at = (seconds: number, change: Partial<PanChange> = {}, kind = still) =>
		readScale({ fromG: 100, toG: 500, tareG: 20, ...change }, seconds, seededRng(1), kind);

	it('settles to a third in its time, from what lay there to what lies there, less its tare', () => {
		const third = at(still.settlesS);
		expect(third.state).toBe('settling');
		expect(third.g).toBeCloseTo(500 - 400 * Math.exp(-1) - 20, 2);
		expect(at(60).state).toBe('steady');
		expect(at(60).g).toBeCloseTo(480, 9);
		expect(at(0).g).toBeCloseTo(80, 3);
	});

	it('is steady once less than a step is left', () => {
		const coarse = { ...still, stepG: 400 * Math.exp(-2) };
		expect(at(2 * still.settlesS + 1e-9, {}, coarse).state).toBe('steady');
		expect(at(2 * still.settlesS - 1e-6, {}, coarse).state).toBe('settling');
	});

	it('drifts by the minute, and rests within its noise', () => {
		const drifting = { ...still, driftGPerMinute: 0.6 };
		expect(Math.abs((at(60, {}, drifting).g ?? 0) - 480)).toBeCloseTo(0.6, 3);
		const noisy = { ...still, noiseG: 2 };
		const shown = at(60, {}, noisy).g ?? 0;
		expect(shown - 480).toBeCloseTo(2 * randomNormal(seededRng(1)), 3);
	});
});
