import { describe, expect, it } from 'vitest';
import { hookForCoverMm, sectionForDiameterMm2, stripForThicknessMm } from './back/wanted-cover';
import { countOfMats } from './back/largest-mat';
import { mixProgram } from './back/mix';
import { bagPresets } from './bag/presets';
import { measureBag } from './bag/measure-bag';
import { matReading, updateByMat } from './calibrate/mat-reading';
import { outlierOf } from './calibrate/outlier';
import {
	chainReadings,
	handfulReadings,
	swatchReadings,
	wovenReadings
} from './calibrate/readings';
import { updateFactor } from './calibrate/update-factor';
import { rateReading, updateRate } from './calibrate/update-rate';
import { layBalls } from './colour/lay-balls';
import { symmetricOrder } from './colour/order';
import { stripeReach } from './colour/stripe-plan';
import { cutBag } from './cut/cut-bag';
import { evenWidths } from './cut/even-widths';
import { sketchBag } from './cut/sketch-bag';
import { cuttingStack } from './cut/stack';
import { usableHeightMm } from './cut/usable-height';
import { defaults } from './defaults';
import type { Bound } from './domain-error';
import { DomainError } from './domain-error';
import { bareKnowledge, noFactors } from './factors/factors';
import { pillowsFrom } from './finish/pillow';
import { rollMat, rollsInCrate } from './finish/roll';
import { countByWeight } from './gather/count-by-weight';
import { rejectRate } from './gather/reject-rate';
import { sampleOf } from './gather/sample';
import { jointDensity } from './joint/joint-density';
import type { Plan } from './model/types';
import { barePractice } from './practice/practice';
import { simulatePlan } from './simulate/simulate-plan';
import { sleeperOutline } from './size/sleeper-outline';
import { seededRng } from './statistics/rng';
import { studentT90 } from './statistics/student-t';
import { allocateStore } from './store/allocate-store';
import { bulkDiameterMm } from './strand/bulk-diameter';
import { linearDensityKtex, strandStrength } from './strand/strength';
import { bandsMat } from './techniques/bands/bands-mat';
import { braid } from './techniques/bands/braid';
import { crochetMat } from './techniques/crochet/crochet-mat';
import { edgeDrift } from './techniques/crochet/edge-drift';
import { rowsPerBall } from './techniques/crochet/rows-per-ball';
import { layStrand } from './techniques/peg-loom/lay-strand';
import { meetingCheck } from './techniques/peg-loom/meeting';
import { pegLoomMat } from './techniques/peg-loom/peg-loom-mat';
import { fourSeats } from './techniques/peg-loom/seats';
import { panelsFor } from './techniques/twined/panels';
import { twinedMat } from './techniques/twined/twined-mat';

const { bag } = bagPresets[0];
const loops = { style: 'loops', equalStrips: 4, trimBottomMm: 20, trimTopMm: 20 } as const;
const given = cutBag(bag, loops);
const target = { widthMm: 850, lengthMm: 1800 };
const plan: Plan = {
	bag,
	cut: loops,
	target,
	technique: { kind: 'crochet', stitch: 'sc', hookMm: 8 }
};
const above0: Bound = { moreThan: 0 };
const from0: Bound = { atLeast: 0 };
const whole = (atLeast: number, atMost?: number): Bound => ({
	atLeast,
	...(atMost !== undefined && { atMost }),
	isWhole: true
});

const sample = { handfuls: 3, bagsEach: 10, meanG: 5.2, spreadG: 1 };
const swatch = {
	stitch: 'sc',
	hookMm: 8,
	bulkDiameterMm: 6,
	stitches: 20,
	rows: 20,
	widthMm: 220,
	heightMm: 200,
	strandMm: 9000
} as const;
const woven = {
	pitch: 'loomPitch',
	rows: 10,
	lengthMm: 200,
	expectedPitchMm: 20,
	bags: 12,
	expectedBagsPerRow: 1,
	bandMm: 50,
	expectedBandMm: 50
} as const;
const prior = { median: 1, cv: 0.2 };
const reading = { ratio: 1.1, cv: 0.1 };
const timed = { units: 10, personSeconds: 200, defaultSeconds: 15 };
const rows = { beginningMm: 100, rowMm: 200, rows: 4 };
const ball = { colour: 'blue', strandMm: 1000 } as const;
const demand = {
	bags: 10,
	byColour: {},
	ofAnyColour: 10,
	bagsPerBall: 20,
	bagsPerPiece: 0.25,
	bagsPerGood: 1
};
const stock = { kind: 'Thin carrier', colour: 'blue', form: 'bag', bagsEach: null } as const;
const loom = { kind: 'peg-loom', pitchMm: 25, packing: 'firm', weftCut: loops } as const;
const frame = { kind: 'twined', pitchMm: 14, warp: 'cloth', clothWidthMm: 600 } as const;
const cutWith = (more: object) => ({ ...loops, equalStrips: undefined, stripWidthMm: 60, ...more });
const usableMm = usableHeightMm(bag, loops);
const method = { name: 'sc', plan };
const bagWith = (more: object) => measureBag({ ...bag, ...more });
const mixOf = (count: number, hours: number, atMost: number) =>
	mixProgram([{ kind: 'x', bag, count }], [{ ...method, atMost }], 'mats', hours, barePractice);

/** Each relation, the parameter that its domain bounds, that bound, and a call with a value for it. */
const domains: readonly (readonly [string, string, Bound, (value: number) => unknown])[] = [
	['measureBag', 'flatWidthMm', above0, (flatWidthMm) => bagWith({ flatWidthMm })],
	['measureBag', 'gussetMm', from0, (gussetMm) => bagWith({ gussetMm })],
	['measureBag', 'bodyMm', above0, (bodyMm) => bagWith({ bodyMm })],
	['measureBag', 'handleMm', from0, (handleMm) => bagWith({ handleMm })],
	['measureBag', 'massG', above0, (massG) => bagWith({ massG })],
	['rollMat', 'thicknessMm', above0, (thicknessMm) => rollMat({ ...target, thicknessMm })],
	['rollMat', 'lengthMm', above0, (lengthMm) => rollMat({ ...target, lengthMm, thicknessMm: 9 })],
	['rollMat', 'widthMm', above0, (widthMm) => rollMat({ ...target, widthMm, thicknessMm: 9 })],
	[
		'rollsInCrate',
		'crate',
		above0,
		(depthMm) =>
			rollsInCrate({ diameterMm: 200, lengthMm: 400 }, { widthMm: 1, heightMm: 1, depthMm })
	],
	['pillowsFrom', 'scrapG', from0, pillowsFrom],
	[
		'simulatePlan',
		'mats',
		whole(100),
		(mats) => simulatePlan(plan, barePractice, seededRng(1), mats)
	],
	['jointDensity', 'rows', above0, (n) => jointDensity(1, n, 1)],
	['jointDensity', 'areaMm2', above0, (n) => jointDensity(1, 1, n)],
	['studentT90', 'degrees', { atLeast: 1 }, studentT90],
	['updateFactor', 'prior.cv', above0, (cv) => updateFactor({ ...prior, cv }, [reading])],
	[
		'updateFactor',
		'prior.median',
		above0,
		(median) => updateFactor({ ...prior, median }, [reading])
	],
	['updateFactor', 'cv', above0, (cv) => updateFactor(prior, [{ ...reading, cv }])],
	['updateFactor', 'ratio', above0, (ratio) => updateFactor(prior, [{ ...reading, ratio }])],
	['rateReading', 'personSeconds', above0, (n) => rateReading({ ...timed, personSeconds: n })],
	['rateReading', 'units', above0, (units) => rateReading({ ...timed, units })],
	['rateReading', 'defaultSeconds', above0, (n) => rateReading({ ...timed, defaultSeconds: n })],
	['updateRate', 'prior.cv', above0, (cv) => updateRate({ mean: 1, cv }, [timed])],
	['updateRate', 'prior.mean', above0, (mean) => updateRate({ mean, cv: 0.2 }, [timed])],
	['matReading', 'widthMm', above0, (widthMm) => matReading(plan, { ...target, widthMm }, 600)],
	['matReading', 'lengthMm', above0, (lengthMm) => matReading(plan, { ...target, lengthMm }, 600)],
	['matReading', 'bags', above0, (bags) => matReading(plan, target, bags)],
	[
		'updateByMat',
		'cv',
		above0,
		(cv) => updateByMat(bareKnowledge, { ...matReading(plan, target, 600), cv })
	],
	[
		'updateByMat',
		'ratio',
		above0,
		(ratio) => updateByMat(bareKnowledge, { ...matReading(plan, target, 600), ratio })
	],
	['swatchReadings', 'widthMm', above0, (widthMm) => swatchReadings({ ...swatch, widthMm })],
	['swatchReadings', 'stitches', above0, (stitches) => swatchReadings({ ...swatch, stitches })],
	['swatchReadings', 'heightMm', above0, (heightMm) => swatchReadings({ ...swatch, heightMm })],
	['swatchReadings', 'rows', above0, (n) => swatchReadings({ ...swatch, rows: n })],
	['swatchReadings', 'strandMm', above0, (strandMm) => swatchReadings({ ...swatch, strandMm })],
	['chainReadings', 'pieces', above0, (n) => chainReadings(n, 4000, 400)],
	['chainReadings', 'lengthMm', above0, (n) => chainReadings(10, n, 400)],
	['chainReadings', 'expectedPieceMm', above0, (n) => chainReadings(10, 4000, n)],
	['wovenReadings', 'rows', above0, (n) => wovenReadings({ ...woven, rows: n })],
	['wovenReadings', 'lengthMm', above0, (lengthMm) => wovenReadings({ ...woven, lengthMm })],
	['wovenReadings', 'expected', above0, (n) => wovenReadings({ ...woven, expectedPitchMm: n })],
	['wovenReadings', 'bags', above0, (bags) => wovenReadings({ ...woven, bags })],
	['wovenReadings', 'bandMm', above0, (bandMm) => wovenReadings({ ...woven, bandMm })],
	['handfulReadings', 'massG', above0, (massG) => handfulReadings(10, massG, bag)],
	['handfulReadings', 'bags', above0, (bags) => handfulReadings(bags, 52, bag)],
	['handfulReadings', 'bag.massG', above0, (massG) => handfulReadings(10, 52, { ...bag, massG })],
	['outlierOf', 'ratio', above0, (ratio) => outlierOf(prior, { ...reading, ratio })],
	['countOfMats', 'bags', above0, (bags) => countOfMats(plan, { bags }, barePractice)],
	['countOfMats', 'hours', above0, (hours) => countOfMats(plan, { hours }, barePractice)],
	['hookForCoverMm', 'cover', above0, (cover) => hookForCoverMm(cover, 6, 'sc')],
	['hookForCoverMm', 'bulkDiameterMm', above0, (n) => hookForCoverMm(1.2, n, 'sc')],
	['sectionForDiameterMm2', 'bulkDiameterMm', above0, sectionForDiameterMm2],
	['stripForThicknessMm', 'thicknessMm', above0, (n) => stripForThicknessMm(bag, n)],
	['mixProgram', 'count', from0, (count) => mixOf(count, 9, 9)],
	['mixProgram', 'hours', above0, (hours) => mixOf(9, hours, 9)],
	['mixProgram', 'atMost', whole(0), (atMost) => mixOf(9, 9, atMost)],
	['sleeperOutline', 'heightMm', above0, sleeperOutline],
	['stripeReach', 'rowMm', above0, (n) => stripeReach([{ colour: 'blue', rows: 2 }], n, {})],
	['stripeReach', 'rows', whole(1), (n) => stripeReach([{ colour: 'blue', rows: n }], 9, {})],
	['stripeReach', 'blue', from0, (blue) => stripeReach([{ colour: 'blue', rows: 2 }], 9, { blue })],
	['layBalls', 'beginningMm', from0, (beginningMm) => layBalls([ball], { ...rows, beginningMm })],
	['layBalls', 'rowMm', above0, (rowMm) => layBalls([ball], { ...rows, rowMm })],
	['layBalls', 'rows', whole(1), (n) => layBalls([ball], { ...rows, rows: n })],
	['layBalls', 'strandMm', above0, (strandMm) => layBalls([{ ...ball, strandMm }], rows)],
	['symmetricOrder', 'blue', whole(0), (blue) => symmetricOrder({ blue })],
	['allocateStore', 'amount', from0, (amount) => allocateStore([{ ...stock, amount }], [])],
	[
		'allocateStore',
		'mats',
		whole(0),
		(mats) => allocateStore([], [{ kind: 'Thin carrier', mats, demand, takes: () => true }])
	],
	['cutBag, loops', 'equalStrips', whole(1), (n) => cutBag(bag, { ...loops, equalStrips: n })],
	[
		'cutBag, loops',
		'stripWidthMm',
		{ moreThan: 0, atMost: usableMm },
		(stripWidthMm) => cutBag(bag, cutWith({ stripWidthMm }))
	],
	[
		'cutBag, spiral',
		'stripWidthMm',
		{ moreThan: 0, atMost: usableMm / 2 },
		(stripWidthMm) => cutBag(bag, { ...loops, style: 'spiral', stripWidthMm })
	],
	[
		'sketchBag, spiral',
		'stripWidthMm',
		above0,
		(stripWidthMm) => sketchBag(bag, { ...loops, style: 'spiral', stripWidthMm })
	],
	[
		'usableHeightMm',
		'trimBottomMm',
		from0,
		(n) => usableHeightMm(bag, { ...loops, trimBottomMm: n })
	],
	['usableHeightMm', 'trimTopMm', from0, (n) => usableHeightMm(bag, { ...loops, trimTopMm: n })],
	['evenWidths', 'usableMm', above0, (n) => evenWidths(n, 40, 100)],
	['evenWidths', 'leastMm', above0, (n) => evenWidths(400, n, 100)],
	['cuttingStack', 'bags', whole(1), (n) => cuttingStack(bag, loops, 'scissors', n)],
	['bulkDiameterMm', 'solidSectionMm2', above0, (n) => bulkDiameterMm(n, 0.4)],
	['bulkDiameterMm', 'packing', above0, (n) => bulkDiameterMm(3, n)],
	['strandStrength', 'solidSectionMm2', above0, strandStrength],
	['linearDensityKtex', 'solidSectionMm2', above0, linearDensityKtex],
	['fourSeats', 'strands', whole(2), (n) => fourSeats(n, 40)],
	['fourSeats', 'rows', whole(2), (n) => fourSeats(34, n)],
	[
		'meetingCheck',
		'near.rows',
		whole(1),
		(n) => meetingCheck({ rows: n, firstPass: 'over' }, { rows: 4, firstPass: 'over' }, 8)
	],
	[
		'meetingCheck',
		'far.rows',
		whole(1),
		(n) => meetingCheck({ rows: 4, firstPass: 'over' }, { rows: n, firstPass: 'over' }, 8)
	],
	[
		'meetingCheck',
		'strands',
		whole(2),
		(n) => meetingCheck({ rows: 4, firstPass: 'over' }, { rows: 4, firstPass: 'over' }, n)
	],
	[
		'pegLoomMat',
		'pitchMm',
		above0,
		(pitchMm) => pegLoomMat(target, { ...loom, pitchMm }, given, given, noFactors)
	],
	[
		'pegLoomMat',
		'endGapMm',
		from0,
		(endGapMm) => pegLoomMat(target, { ...loom, endGapMm }, given, given, noFactors)
	],
	[
		'pegLoomMat',
		'widthMm',
		above0,
		(widthMm) => pegLoomMat({ ...target, widthMm }, loom, given, given, noFactors)
	],
	[
		'pegLoomMat',
		'lengthMm',
		above0,
		(lengthMm) => pegLoomMat({ ...target, lengthMm }, loom, given, given, noFactors)
	],
	['layStrand', 'pegToPegMm', above0, (n) => layStrand(n, 500)],
	['layStrand', 'pieceMm', above0, (n) => layStrand(1900, n)],
	['rowsPerBall', 'ballStrandMm', above0, (n) => rowsPerBall(n, 900)],
	['rowsPerBall', 'strandPerRowMm', above0, (n) => rowsPerBall(9000, n)],
	['crochetMat', 'widthMm', above0, (n) => crochetOf({ ...target, widthMm: n }, 8, 6)],
	['crochetMat', 'lengthMm', above0, (n) => crochetOf({ ...target, lengthMm: n }, 8, 6)],
	['crochetMat', 'hookMm', above0, (n) => crochetOf(target, n, 6)],
	['crochetMat', 'bulkDiameterMm', above0, (n) => crochetOf(target, 8, n)],
	['edgeDrift', 'measuredMm', above0, (n) => edgeDrift(n, 850, 14)],
	['edgeDrift', 'plannedMm', above0, (n) => edgeDrift(850, n, 14)],
	['edgeDrift', 'stitchWidthMm', above0, (n) => edgeDrift(850, 850, n)],
	['bandsMat', 'warpStrands', whole(3, 4), (n) => bandsOf(target, n)],
	['bandsMat', 'lengthMm', above0, (n) => bandsOf({ ...target, lengthMm: n }, 3)],
	['bandsMat', 'widthMm', above0, (n) => bandsOf({ ...target, widthMm: n }, 3)],
	['braid', 'strands', whole(3, 4), (n) => braid(n, 4)],
	['braid', 'crossings', whole(0, 10_000), (n) => braid(3, n)],
	[
		'twinedMat',
		'pitchMm',
		above0,
		(pitchMm) => twinedMat(target, { ...frame, pitchMm }, 6, noFactors)
	],
	[
		'twinedMat',
		'widthMm',
		above0,
		(n) => twinedMat({ ...target, widthMm: n }, frame, 6, noFactors)
	],
	[
		'twinedMat',
		'lengthMm',
		above0,
		(n) => twinedMat({ ...target, lengthMm: n }, frame, 6, noFactors)
	],
	['twinedMat', 'bulkDiameterMm', above0, (n) => twinedMat(target, frame, n, noFactors)],
	[
		'twinedMat',
		'clothWidthMm',
		above0,
		// What a slit joint takes of the cloth is not worked.
		(n) => {
			const clothWidthMm = n + defaults.slitJointTakeUp.value;
			return twinedMat(target, { ...frame, clothWidthMm }, 6, noFactors);
		}
	],
	['panelsFor', 'frameWidthMm', above0, (widthMm) => panelsFor(target, { ...target, widthMm })],
	['panelsFor', 'frameLengthMm', above0, (lengthMm) => panelsFor(target, { ...target, lengthMm })],
	['countByWeight', 'tareG', from0, (n) => countByWeight(3000, n, sample, 2)],
	['countByWeight', 'grossG', from0, (n) => countByWeight(n, 200, sample, 2)],
	['countByWeight', 'sample.handfuls', whole(1), (n) => weighed({ handfuls: n })],
	['countByWeight', 'sample.bagsEach', whole(1), (n) => weighed({ bagsEach: n })],
	['countByWeight', 'sample.meanG', above0, (meanG) => weighed({ meanG })],
	['countByWeight', 'sample.spreadG', from0, (spreadG) => weighed({ spreadG })],
	['countByWeight', 'scaleErrorG', from0, (n) => countByWeight(3000, 200, sample, n)],
	['rejectRate', 'sorted', from0, (sorted) => rejectRate({ sorted, rejected: 0 })],
	[
		'rejectRate',
		'rejected',
		{ atLeast: 0, atMost: 40 },
		(rejected) => rejectRate({ sorted: 40, rejected })
	],
	['sampleOf', 'bagsEach', whole(1), (n) => sampleOf([52], n)],
	['sampleOf', 'massG', above0, (n) => sampleOf([52, n], 10)]
];
const weighed = (more: object) => countByWeight(3000, 200, { ...sample, ...more }, 2);
const crochetOf = (size: typeof target, hookMm: number, diameterMm: number) =>
	crochetMat(size, { kind: 'crochet', stitch: 'sc', hookMm }, diameterMm, noFactors);
const bandsOf = (size: typeof target, warpStrands: number) =>
	bandsMat(size, { kind: 'finger-bands', warpStrands: warpStrands as 3 }, 3, noFactors);

/** What a call throws for a value; null where it throws nothing, or of another parameter. */
function refusal(call: (value: number) => unknown, value: number, parameter: string) {
	try {
		call(value);
	} catch (error) {
		if (!(error instanceof DomainError)) throw error;
		if (error.parameter === parameter) return error.bound;
	}
	return null;
}

/** Values just outside a bound, and no numbers at all. */
const outside = ({ atLeast, moreThan, atMost, isWhole }: Bound): number[] => [
	NaN,
	Infinity,
	...(atLeast === undefined ? [] : [atLeast - (isWhole ? 1 : 0.001)]),
	...(moreThan === undefined ? [] : [moreThan, moreThan - 1]),
	...(atMost === undefined ? [] : [atMost + (isWhole ? 1 : 0.001)]),
	...(isWhole ? [(atLeast ?? 0) + 0.5] : [])
];
const justInside = ({ atLeast, moreThan, atMost }: Bound): number[] => [
	...(atLeast === undefined ? [] : [atLeast]),
	...(moreThan === undefined ? [] : [moreThan + 0.001]),
	...(atMost === undefined ? [] : [atMost])
];

describe('what lies outside the domain of a relation is refused by name, with the bound it broke', () => {
	it.each(domains)('%s: %s %j', (_, parameter, bound, call) => {
		for (const value of outside(bound)) expect(refusal(call, value, parameter)).toEqual(bound);
		for (const value of justInside(bound)) expect(refusal(call, value, parameter)).toBeNull();
	});

	it('a sample of nothing', () =>
		expect(() => sampleOf([], 10)).toThrow(new DomainError('massesG', 0, { atLeast: 1 })));
	it('means of nothing', () =>
		expect(() => countOfMats(plan, {}, barePractice)).toThrow(
			new DomainError('means', NaN, { moreThan: 0 })
		));
	it('a tare that leaves nothing in the box', () =>
		expect(() => countByWeight(200, 200, sample, 2)).toThrow(
			new DomainError('netG', 0, { moreThan: 0 })
		));
	it('trims that leave nothing of the body', () => {
		const trims = { trimBottomMm: bag.bodyMm, trimTopMm: 0 };
		const none = new DomainError('usableHeightMm', 0, { moreThan: 0 });
		expect(() => usableHeightMm(bag, trims)).toThrow(none);
		expect(() => cutBag(bag, { style: 'whole-tube', handles: 'kept', ...trims })).toThrow(none);
	});
	it('rings whose joint takes all of them', () => {
		const heavy = { ...bag, massG: 1000 };
		for (const cut of [loops, { style: 'half-bag' }] as const) {
			const thrown = (() => {
				try {
					return cutBag({ ...heavy, flatWidthMm: 60, bodyMm: 120, handleMm: 0 }, cut);
				} catch (error) {
					return error;
				}
			})();
			expect(thrown).toMatchObject({ parameter: 'pieceLengthMm', bound: { moreThan: 0 } });
		}
	});
});
