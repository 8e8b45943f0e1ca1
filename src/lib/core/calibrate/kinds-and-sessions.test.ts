import { describe, expect, it } from 'vitest';
import { bagPresets } from '../bag/presets';
import { defaults } from '../defaults';
import { sigmaFromCv } from '../factors/factors';
import { startingPlan } from '../model/starting-plan';
import { barePractice } from '../practice/practice';
import { matReading } from './mat-reading';
import { outlierOf } from './outlier';
import { practiceOf } from './practice-of';
import { handfulReadings, swatchReadings, wovenReadings } from './readings';
import { updateFactor } from './update-factor';
import { updateRate } from './update-rate';

const [carrier, shopBag] = [bagPresets[0].bag, bagPresets[1].bag];
const nothing = { basis: { of: 'group' }, readings: [], timed: [] } as const;
const { bagMass } = barePractice.factors;
const masses = (readings: Parameters<typeof practiceOf>[0]['readings']) =>
	practiceOf({ ...nothing, readings }).weighed.map(({ bag, mass }) => [bag.flatWidthMm, mass]);
const cv = defaults.bagMass.cv / Math.sqrt(10);

describe('kinds of bag that were weighed', () => {
	it('each have their own handfuls, held against one mass that is expected', () => {
		const carriers = [
			handfulReadings(10, 60, carrier),
			// The same kind, of which this plan expected a little more.
			handfulReadings(10, 56, { ...carrier, massG: 5.3 })
		];
		const shop = handfulReadings(10, 150, shopBag);
		const found = masses([...carriers.slice(0, 1), shop, ...carriers.slice(1)]);
		const ratios = [60 / 52, 56 / 52].map((ratio) => ({ ratio, cv }));
		expect(found).toEqual([
			[carrier.flatWidthMm, updateFactor(bagMass, ratios)],
			[shopBag.flatWidthMm, updateFactor(bagMass, [{ ratio: 150 / 140, cv }])]
		]);
	});

	it('learn from a finished mat of their own kind alone', () => {
		const [own, other] = [handfulReadings(10, 60, carrier), handfulReadings(10, 150, shopBag)];
		const mat = { mat: matReading(startingPlan, startingPlan.target, 700) };
		const before = new Map(masses([own, other]) as [number, { median: number; cv: number }][]);
		const after = new Map(masses([own, other, mat]) as [number, { median: number; cv: number }][]);
		expect(after.size).toBe(2);
		expect(after.get(shopBag.flatWidthMm)).toEqual(before.get(shopBag.flatWidthMm));
		const [was, is] = [before, after].map((found) => found.get(carrier.flatWidthMm));
		expect(is?.cv).toBeLessThan(was?.cv ?? 0);
		expect(is?.median).not.toBeCloseTo(was?.median ?? 0, 6);
	});
});

describe('a practice', () => {
	const timed = [{ work: 'join', units: 40, personSeconds: 900, defaultSeconds: 15 }] as const;
	it.each([
		['timed work', { timed }],
		['sorted bags', { rejectedShare: 0.2 }],
		['a handful', { readings: [handfulReadings(10, 52, carrier)] }]
	])('is the group’s own after %s alone', (_, measured) =>
		expect(practiceOf({ ...nothing, ...measured }).basis).toEqual({ of: 'group' })
	);
	it('is the craft’s after nothing', () => expect(practiceOf(nothing)).toBe(barePractice));
	it('that learns nothing stays the very one it was', () => {
		expect(updateFactor(bagMass, [])).toBe(bagMass);
		expect(updateRate(barePractice.hands.join, [])).toBe(barePractice.hands.join);
	});
});

describe('sessions of timed work', () => {
	const session = (ratio: number, units = 1000) => ({
		units,
		personSeconds: ratio * units * 15,
		defaultSeconds: 15
	});
	const least = sigmaFromCv(defaults.sessionSpread.value) ** 2;
	const counting = (units: number) =>
		(sigmaFromCv(defaults.flatten.cv) ** 2 * defaults.ratePriorUnits.value) / units;
	/** Spread after sessions whose logarithms vary by so much, by the sums of a normal posterior. */
	const spreadAfter = (variance: number, units: readonly number[]) => {
		let precision = 1 / sigmaFromCv(0.35) ** 2;
		for (const each of units) precision += 1 / (variance + counting(each));
		return Math.sqrt(Math.expm1(1 / precision));
	};
	const cvAfter = (...work: ReturnType<typeof session>[]) =>
		updateRate({ mean: 1, cv: 0.35 }, work).cv;

	it('vary by no less than the craft’s figure, however alike they are', () => {
		expect(cvAfter(session(1.2))).toBeCloseTo(spreadAfter(least, [1000]), 9);
		expect(cvAfter(session(1.2), session(1.2))).toBeCloseTo(spreadAfter(least, [1000, 1000]), 9);
	});

	it('vary by what they show beyond counting, the craft’s figure worth four of them', () => {
		const units = [1000, 10, 200];
		const shown = 2 * Math.log(2) ** 2 - 2 * ((counting(1000) + counting(10) + counting(200)) / 3);
		const worth = defaults.sessionSpreadWorth.value;
		const variance = (worth * least + shown) / (worth + 2);
		expect(variance).toBeGreaterThan(least);
		expect(cvAfter(session(1), session(2, 10), session(0.5, 200))).toBeCloseTo(
			spreadAfter(variance, units),
			9
		);
	});

	it('two that differ already show it', () => {
		const shown = Math.log(4) ** 2 / 2 - counting(1000);
		const worth = defaults.sessionSpreadWorth.value;
		expect(cvAfter(session(1), session(4))).toBeCloseTo(
			spreadAfter((worth * least + shown) / (worth + 1), [1000, 1000]),
			9
		);
	});
});

describe('a reading', () => {
	it('is held against what is known, not against the craft', () => {
		expect(outlierOf({ median: 2, cv: 0.1 }, { ratio: 2, cv: 0.04 })).toBeNull();
		expect(outlierOf({ median: 2, cv: 0.1 }, { ratio: 20, cv: 0.04 })?.slip).toBe('ten-times');
	});
	it('says nothing of what was not measured', () => {
		const swatch = { stitch: 'sc', hookMm: 8, bulkDiameterMm: 3, stitches: 20, rows: 18 } as const;
		const sized = swatchReadings({ ...swatch, widthMm: 200, heightMm: 190 });
		expect(Object.keys(sized)).toEqual(['stitchWidth', 'rowHeight']);
		const woven = { pitch: 'loomPitch', rows: 10, lengthMm: 210, expectedPitchMm: 20 } as const;
		for (const half of [
			{},
			{ bags: 12 },
			{ expectedBagsPerRow: 1 },
			{ bandMm: 50 },
			{ expectedBandMm: 50 }
		])
			expect(Object.keys(wovenReadings({ ...woven, ...half }))).toEqual(['loomPitch']);
	});
});
