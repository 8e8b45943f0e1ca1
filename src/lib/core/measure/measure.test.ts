import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { startingPlan } from '../../plan/starting-plan';
import { crochetMat } from '../crochet/crochet-mat';
import { DomainError } from '../domain-error';
import { barePractice } from '../know/practice';
import { estimatePlan } from '../plan/estimate';
import { outlierOf } from './outlier';
import { practiceOf } from './practice-of';
import { chainReadings, handfulReadings, swatchReadings, wovenReadings } from './readings';
import { updateFactor } from './update-factor';
import { rateReading, updateRate } from './update-rate';

const prior = { median: 1, cv: 0.08 };
const ratio = fc.double({ min: 0.5, max: 2, noNaN: true });
const cv = fc.double({ min: 0.01, max: 0.3, noNaN: true });

describe('a factor after measuring', () => {
	it('is surer than before, lies between what was known and what was read, whatever their order', () => {
		fc.assert(
			fc.property(
				fc.array(fc.record({ ratio, cv }), { minLength: 1, maxLength: 8 }),
				(readings) => {
					const after = updateFactor(prior, readings);
					expect(after.cv).toBeLessThan(prior.cv);
					const all = [1, ...readings.map((reading) => reading.ratio)];
					expect(after.median).toBeGreaterThanOrEqual(Math.min(...all) - 1e-12);
					expect(after.median).toBeLessThanOrEqual(Math.max(...all) + 1e-12);
					const turned = updateFactor(prior, [...readings].reverse());
					expect(turned.median).toBeCloseTo(after.median, 9);
					expect(turned.cv).toBeCloseTo(after.cv, 9);
				}
			)
		);
	});

	it('comes to the same in one go and one reading after the other', () => {
		fc.assert(
			fc.property(ratio, cv, ratio, cv, (a, x, b, y) => {
				const [first, second] = [
					{ ratio: a, cv: x },
					{ ratio: b, cv: y }
				];
				const inOne = updateFactor(prior, [first, second]);
				const inTwo = updateFactor(updateFactor(prior, [first]), [second]);
				expect(inTwo.median).toBeCloseTo(inOne.median, 6);
				expect(inTwo.cv).toBeCloseTo(inOne.cv, 6);
			})
		);
	});

	it.each([NaN, Infinity, -1, 0])('refuses a ratio of %s', (bad) =>
		expect(() => updateFactor(prior, [{ ratio: bad, cv: 0.1 }])).toThrow(DomainError)
	);
});

describe('what a measurement says', () => {
	const swatch = { stitch: 'sc', hookMm: 8, bulkDiameterMm: 3.45 } as const;
	const mat = crochetMat({ widthMm: 1000, lengthMm: 1000 }, { kind: 'crochet', ...swatch }, 3.45);

	it('of a swatch as the craft has it is that nothing moves', () => {
		const readings = swatchReadings({
			...swatch,
			stitches: 20,
			rows: 20,
			widthMm: 20 * mat.stitchWidthMm,
			heightMm: 20 * mat.rowHeightMm,
			strandMm: 400 * mat.strandPerStitchMm
		});
		expect(readings.gauge?.ratio).toBeCloseTo(1, 9);
		expect(readings.strandPerStitch?.ratio).toBeCloseTo(1, 9);
	});

	it('of a looser hand is a larger gauge, and the strand a stitch apart from it', () => {
		const readings = swatchReadings({
			...swatch,
			stitches: 20,
			rows: 20,
			widthMm: 22 * mat.stitchWidthMm,
			heightMm: 22 * mat.rowHeightMm,
			strandMm: 440 * mat.strandPerStitchMm
		});
		expect(readings.gauge?.ratio).toBeCloseTo(1.1, 9);
		expect(readings.strandPerStitch?.ratio).toBeCloseTo(1, 9);
	});

	it('of chains, woven rows and handfuls is measured over expected', () => {
		expect(chainReadings(10, 4300, 439).pieceLength?.ratio).toBeCloseTo(4300 / 4390, 9);
		expect(
			wovenReadings({ pitch: 'loomPitch', rows: 100, lengthMm: 300, expectedPitchMm: 2.83 })
				.loomPitch?.ratio
		).toBeCloseTo(3 / 2.83, 9);
		expect(handfulReadings(10, 55, 5).bagMass?.ratio).toBeCloseTo(1.1, 9);
	});
});

describe('a rate after timing', () => {
	const hand = barePractice.hands.crochet;
	const timed = { units: 400, personSeconds: 400 * 6, defaultSeconds: 4.5 };

	it('starts from five units of the craft’s and goes to what was timed', () => {
		const after = updateRate(hand, [timed]);
		expect(after.mean).toBeCloseTo((5 + (400 * 6) / 4.5) / 405, 9);
		expect(after.cv).toBeCloseTo(0.35 * Math.sqrt(5 / 405), 9);
	});

	it.each([NaN, Infinity, -1, 0])('refuses %s units', (units) => {
		expect(() => updateRate(hand, [{ ...timed, units }])).toThrow(DomainError);
		expect(() => rateReading({ ...timed, units })).toThrow(DomainError);
	});

	it('is one reading of seconds a unit, and asked about ten times over', () => {
		expect(rateReading(timed).ratio).toBeCloseTo(6 / 4.5, 9);
		const known = { median: hand.mean, cv: hand.cv };
		expect(outlierOf(known, rateReading(timed))).toBeNull();
		expect(outlierOf(known, rateReading({ ...timed, units: 40 }))?.slip).toBe('ten-times');
	});
});

describe('a slip of the pen', () => {
	it.each([
		[10, 'ten-times'],
		[0.1, 'tenth'],
		[2.54, 'cm-as-inches'],
		[1 / 2.54, 'inches-as-cm']
	] as const)('by %s is caught as %s', (by, slip) =>
		expect(outlierOf(prior, { ratio: by, cv: 0.04 })?.slip).toBe(slip)
	);

	it('is not suspected in a reading a hand may well have', () =>
		expect(outlierOf(prior, { ratio: 1.15, cv: 0.04 })).toBeNull());

	it('is asked about without a name where none explains it', () =>
		expect(outlierOf(prior, { ratio: 1.7, cv: 0.04 })).toMatchObject({ slip: null }));
});

describe('a group that has measured', () => {
	const measured = practiceOf({
		readings: [{ gauge: { ratio: 1.1, cv: 0.04 } }, { pieceLength: { ratio: 0.95, cv: 0.02 } }],
		timed: [{ work: 'crochet', units: 800, personSeconds: 800 * 5.4, defaultSeconds: 4.5 }],
		rejectedShare: 0.2
	});

	it('has narrower intervals and other figures than the craft alone', () => {
		const [before, after] = [estimatePlan(startingPlan), estimatePlan(startingPlan, measured)];
		const width = ({ low, high }: { low: number; high: number }) => Math.log(high / low);
		expect(width(after.tally.toCollect)).toBeLessThan(width(before.tally.toCollect));
		expect(width(after.tally.hours)).toBeLessThan(width(before.tally.hours));
		expect(after.model.toCollect / after.model.toPrepare).toBeCloseTo(1 / 0.8, 9);
	});

	it('that has measured nothing is the craft’s own', () =>
		expect(practiceOf({ readings: [], timed: [] })).toEqual(barePractice));
});
