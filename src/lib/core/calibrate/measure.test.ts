import { demoPlans } from '../../../../scripts/demo/plans';
import { bagPresets } from '../bag/presets';
import { z90 } from '../statistics/z90';
import { sigmaFromCv } from '../factors/factors';
import { randomNormal, seededRng } from '../statistics/rng';
import { noFactors } from '../factors/factors';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { startingPlan } from '../model/starting-plan';
import { crochetMat } from '../techniques/crochet/crochet-mat';
import { DomainError } from '../domain-error';
import { barePractice, knowledgeOf } from '../practice/practice';
import { estimatePlan } from '../estimate/estimate';
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
	const mat = crochetMat(
		{ widthMm: 1000, lengthMm: 1000 },
		{ kind: 'crochet', ...swatch },
		3.45,
		noFactors
	);

	it('of a swatch by the standard figures is that nothing moves', () => {
		const readings = swatchReadings({
			...swatch,
			stitches: 20,
			rows: 20,
			widthMm: 20 * mat.stitchWidthMm,
			heightMm: 20 * mat.rowHeightMm,
			strandMm: 400 * mat.strandPerStitchMm
		});
		expect(readings.stitchWidth?.ratio).toBeCloseTo(1, 9);
		expect(readings.rowHeight?.ratio).toBeCloseTo(1, 9);
		expect(readings.strandPerStitch?.ratio).toBeCloseTo(1, 9);
	});

	it('of a maker who works wide and low says width and height apart, and the strand a stitch for itself', () => {
		const readings = swatchReadings({
			...swatch,
			stitches: 20,
			rows: 20,
			widthMm: 22 * mat.stitchWidthMm,
			heightMm: 18 * mat.rowHeightMm,
			strandMm: 440 * mat.strandPerStitchMm
		});
		expect(readings.stitchWidth?.ratio).toBeCloseTo(1.1, 9);
		expect(readings.rowHeight?.ratio).toBeCloseTo(0.9, 9);
		expect(readings.strandPerStitch?.ratio).toBeCloseTo(1, 9);
	});

	it('of chains, woven rows and handfuls is measured over expected', () => {
		expect(chainReadings(10, 4300, 439).pieceLength?.ratio).toBeCloseTo(4300 / 4390, 9);
		expect(
			wovenReadings({ pitch: 'loomPitch', rows: 100, lengthMm: 300, expectedPitchMm: 2.83 })
				.loomPitch?.ratio
		).toBeCloseTo(3 / 2.83, 9);
		const bag = { ...startingPlan.bag, massG: 5 };
		expect(handfulReadings(10, 55, bag).bagMass).toMatchObject({ ratio: 1.1, bag });
	});
});

describe('a rate after timing', () => {
	const hand = barePractice.hands.crochet;
	const timed = { units: 400, personSeconds: 400 * 6, defaultSeconds: 4.5 };

	it('of one long session is surer, but not surer than one session differs from the next', () => {
		const after = updateRate(hand, [timed]);
		expect(after.mean).toBeGreaterThan(1.2);
		expect(after.mean).toBeLessThan(6 / 4.5);
		expect(after.cv).toBeGreaterThan(0.13);
		expect(after.cv).toBeLessThan(0.16);
	});

	it('of five units is half the craft’s and half what was timed, but for the session', () => {
		const five = { units: 5, personSeconds: 5 * 9, defaultSeconds: 4.5 };
		const { mean } = updateRate(hand, [five]);
		expect(mean).toBeGreaterThan(1.3);
		expect(mean).toBeLessThan(1.45);
	});

	it('that differs much from session to session is less sure', () => {
		const at = (seconds: number) => ({ ...timed, personSeconds: 400 * seconds });
		const steady = updateRate(hand, [at(6), at(6), at(6), at(6)]);
		const wild = updateRate(hand, [at(3), at(12), at(3), at(12)]);
		expect(wild.cv).toBeGreaterThan(steady.cv * 2);
	});

	it('holds the true time in 8 of 10 cases, for one session or eight', () => {
		const rng = seededRng(17);
		const about = (cv: number) => Math.exp(sigmaFromCv(cv) * randomNormal(rng));
		for (const sessions of [1, 2, 3, 8]) {
			let held = 0;
			const trials = 3000;
			for (let trial = 0; trial < trials; trial++) {
				const truth = about(hand.cv);
				const work = Array.from({ length: sessions }, () => ({
					units: 200,
					personSeconds: 200 * truth * about(0.15),
					defaultSeconds: 1
				}));
				const { mean, cv } = updateRate(hand, work);
				const median = mean / Math.sqrt(1 + cv * cv);
				const reach = Math.exp(z90 * sigmaFromCv(cv));
				if (median / reach <= truth && truth <= median * reach) held++;
			}
			expect(held / trials, `${sessions}`).toBeGreaterThan(0.75);
			expect(held / trials, `${sessions}`).toBeLessThan(0.87);
		}
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
	const group = { basis: { of: 'group' } } as const;
	const measured = practiceOf({
		...group,
		readings: [{ rowHeight: { ratio: 1.1, cv: 0.04 } }, { pieceLength: { ratio: 0.95, cv: 0.02 } }],
		timed: [{ work: 'crochet', units: 800, personSeconds: 800 * 5.4, defaultSeconds: 4.5 }],
		rejectedShare: 0.2
	});

	it('has narrower intervals and other figures than the craft alone', () => {
		const [before, after] = [
			estimatePlan(startingPlan, barePractice),
			estimatePlan(startingPlan, measured)
		];
		const width = ({ low, high }: { low: number; high: number }) => Math.log(high / low);
		expect(width(after.tally.toCollect)).toBeLessThan(width(before.tally.toCollect));
		expect(width(after.tally.hours)).toBeLessThan(width(before.tally.hours));
		expect(after.model.toCollect / after.model.toPrepare).toBeCloseTo(1 / 0.8, 9);
	});

	it('that has measured nothing is the craft’s own', () =>
		expect(practiceOf({ ...group, readings: [], timed: [] })).toEqual(barePractice));

	it('says whose measures its figures rest on', () => {
		expect(estimatePlan(startingPlan, measured).basis).toEqual({ of: 'group' });
		expect(estimatePlan(startingPlan, barePractice).basis).toEqual({ of: 'craft' });
	});

	it('has weighed pouches and knows nothing new of carriers', () => {
		const pouch = bagPresets[2].bag;
		const handful = handfulReadings(10, 10 * pouch.massG * 1.3, pouch);
		const practice = practiceOf({ ...group, readings: [handful], timed: [] });
		const weight = (plan: typeof startingPlan) => estimatePlan(plan, practice).tally.matKg.expected;
		const bare = (plan: typeof startingPlan) =>
			estimatePlan(plan, barePractice).tally.matKg.expected;
		expect(weight(startingPlan)).toBe(bare(startingPlan));
		const pouches = { ...startingPlan, bag: pouch };
		expect(weight(pouches)).toBeGreaterThan(bare(pouches) * 1.01);
		// Another plan of the same kind, planned a little lighter: what was found is in grams.
		const lighter = { ...pouch, massG: pouch.massG * 0.95 };
		const [one, other] = [pouch, lighter].map(
			(bag) => knowledgeOf(practice, bag).bagMass.median * bag.massG
		);
		expect(one).toBeCloseTo(other ?? NaN, 9);
	});

	it('and kept an impossible handful all the same can still work out every plan, and is told', () => {
		const { bag } = startingPlan;
		const handful = handfulReadings(10, 52_000, bag);
		const practice = practiceOf({ ...group, readings: [handful], timed: [] });
		for (const { plan } of demoPlans) {
			const { tally, isUnfit, basis } = estimatePlan(plan, practice);
			expect(tally.toCollect.expected).toBeGreaterThan(0);
			expect(basis).toEqual(isUnfit ? { of: 'craft' } : { of: 'group' });
		}
		const narrow = { ...startingPlan, bag: { ...bag, flatWidthMm: 60, gussetMm: 0 } };
		const unfit = practiceOf({
			...group,
			readings: [handfulReadings(10, 52_000, narrow.bag)],
			timed: []
		});
		expect(estimatePlan(narrow, unfit)).toMatchObject({ isUnfit: true, basis: { of: 'craft' } });
	});

	it('reaches the wanted size at the gauge of its swatch, wide and low as it is', () => {
		const readings = [
			{ stitchWidth: { ratio: 1.2, cv: 0.001 }, rowHeight: { ratio: 0.85, cv: 0.001 } }
		];
		const { mat } = estimatePlan(startingPlan, practiceOf({ ...group, readings, timed: [] })).model;
		const { widthMm, lengthMm } = startingPlan.target;
		expect(Math.abs(mat.widthMm / widthMm - 1)).toBeLessThan(0.01);
		expect(Math.abs(mat.lengthMm / lengthMm - 1)).toBeLessThan(0.01);
		expect(mat.kind === 'crochet' && mat.rowHeightMm / mat.stitchWidthMm).toBeCloseTo(
			(1.12 / 1.27) * (0.85 / 1.2),
			2
		);
	});
});
