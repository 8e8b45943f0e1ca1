import * as measuresWords from '$lib/words/measures';
import * as planWords from '$lib/words/plan';
import { barePractice, barePoint } from '$lib/core/practice/practice';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoPlans } from '../../../../../scripts/demo/plans';
import { bagPresets } from '$lib/core/bag/presets';
import { techniqueKinds } from '$lib/core/techniques/technique';
import { estimatePlan, tallyNames } from '$lib/core/estimate/estimate';
import type { CrochetMat } from '$lib/core/techniques/crochet/crochet-mat';
import { modelPlan } from '$lib/core/model/model';
import { anyPlan } from '$lib/core/model/plan.arbitrary';
import { planProblems } from '$lib/core/model/plan-problems';
import type { MeasurementEntry } from '$lib/entries/types/measurement';
import { chooseStyle, chooseTechnique, followHook, suitedHook } from './choices';
import { documentOf, planDocument } from '../document/document';
import { caseFigures, estimateAnswer } from '../document/estimate-answer';
import { fieldsOfPlan, readFields } from './';
import { keptFiguresOf } from '../document/kept-figures';
import type { ToolLine } from '$lib/stages/prepare/tool-line';
import {
	isWayOpen,
	kindsToCount,
	mixRequest,
	planOfWay,
	usualPlanOf,
	waysThere
} from './mix-request';
import { basisOf, oddReading, oddWords, readingsOf } from '$lib/measures/plan-basis';
import { planSchema } from '../document/plan-schema';
import {
	compareAnswer,
	compareShape,
	mixShape,
	mostMethods,
	parseRequest
} from '../document/requests';
import { schoolsFor } from './schools';
import { startingPlan } from '$lib/core/model/starting-plan';

const plans = demoPlans.map(({ name, plan }) => [name, plan] as const);
const loom = demoPlans.find(({ plan }) => plan.technique.kind === 'peg-loom')?.plan ?? startingPlan;
const bands =
	demoPlans.find(({ plan }) => plan.technique.kind === 'finger-bands')?.plan ?? startingPlan;

describe('a choice on the bench', () => {
	it('of a technique always starts with a plan that can be made, from any plan', () =>
		fc.assert(
			fc.property(
				fc.constantFrom(...demoPlans.map(({ plan }) => plan)),
				fc.constantFrom(...techniqueKinds),
				fc.constantFrom('cm' as const, 'ft' as const),
				(plan, kind, system) => {
					const fields = fieldsOfPlan(plan, system);
					const { plan: after } = readFields(
						{ ...fields, ...chooseTechnique(kind, fields, system) },
						system
					);
					expect(after?.technique.kind).toBe(kind);
				}
			)
		));

	it('of a cut brings its joint, and only to the plan’s own', () => {
		expect(chooseStyle('', 'spiral', 'cm')).toMatchObject({ style: 'spiral', joint: 'overhand' });
		expect(chooseStyle('', 'loops', 'cm')).toMatchObject({ loops: 'equal', joint: 'loop' });
		expect(chooseStyle('weft_', 'spiral', 'cm')).not.toHaveProperty('joint');
	});

	it('leaves the hook alone where it is no crochet, or was chosen on purpose', () => {
		expect(followHook(startingPlan, loom, '8')).toBe('8');
		const wide = { ...startingPlan, cut: { ...startingPlan.cut, equalStrips: 2 } } as const;
		expect(followHook(startingPlan, wide, '25')).toBe('25');
		expect(followHook(startingPlan, wide, suitedHook(startingPlan))).toBe(suitedHook(wide));
	});
});

describe('a plan kept', () => {
	it.each(plans)('is a document of its own format, and nothing else passes: %s', (_, plan) => {
		const document = documentOf(plan);
		expect(planDocument.safeParse(document).success).toBe(true);
		expect(planDocument.safeParse({ ...document, format: 'another' }).success).toBe(false);
		expect(planDocument.safeParse({ ...document, more: 1 }).success).toBe(false);
	});

	it('keeps figures short enough to hold and close enough to read', () => {
		const { tally } = estimatePlan(startingPlan, barePractice);
		const kept = keptFiguresOf(tally);
		for (const name of tallyNames) {
			expect(kept[name].expected / tally[name].expected).toBeCloseTo(1, 5);
			expect(JSON.stringify(kept[name]).length).toBeLessThan(64);
		}
	});

	it('has a schema that others can check against', () => {
		expect(JSON.stringify(planSchema())).toContain('flat_width_mm');
	});
});

describe('an estimate as an answer', () => {
	it.each(plans)('has the figures of its technique, all finite: %s', (_, plan) => {
		const answer = estimateAnswer(plan, barePractice);
		for (const [name, value] of Object.entries(answer.figures))
			expect(Number.isFinite(value), name).toBe(true);
		const { total, ...stations } = answer.hours as Record<string, number>;
		expect(Object.values(stations).reduce((sum, hours) => sum + hours, 0)).toBeCloseTo(
			total ?? NaN,
			9
		);
		const { in: film, ...parts } = answer.mass_g;
		expect(Object.values(parts).reduce((sum, g) => sum + g, 0)).toBeCloseTo(film, 6);
		expect(caseFigures(modelPlan(plan, barePoint)).bags).toBeGreaterThan(0);
	});
});

describe('requests from outside', () => {
	const bag = documentOf(startingPlan).plan.bag;
	const target = { width_mm: 850, length_mm: 1850 };

	it('say by path what is wrong', () => {
		expect(parseRequest('{', mixShape).problems).toEqual(['body: this is not JSON.']);
		expect(parseRequest('[]', mixShape).problems?.[0]).toMatch(/^body: /);
		const wrong = parseRequest(JSON.stringify({ store: [{ kind: '', bag, count: -1 }] }), mixShape);
		expect(wrong.problems?.join()).toMatch(/store\.0\.kind.*store\.0\.count.*methods/s);
	});

	it('compare every method, or only the ones that nothing beats', () => {
		const ask = (only: string, step = 20) =>
			compareAnswer(compareShape.parse({ bag, target, step_mm: step, only }), barePractice) as {
				measures: object;
				compared: number;
				methods: { unbeaten: boolean; to_collect: number }[];
			};
		const [all, best] = [ask('all'), ask('unbeaten')];
		expect(all.compared).toBe(best.compared);
		expect(all.methods).toHaveLength(all.compared);
		expect(best.methods.length).toBeGreaterThan(2);
		expect(best.methods.length).toBeLessThan(all.compared / 4);
		expect(best.methods.every(({ unbeaten }) => unbeaten)).toBe(true);
		expect(all.measures).toEqual({ of: 'craft' });
		// A step finer than anyone cuts: the answer stays within its bound and holds the best of them.
		const fine = ask('all', 1);
		expect(fine.compared).toBeGreaterThan(mostMethods);
		expect(fine.methods).toHaveLength(mostMethods);
		expect(fine.methods.filter(({ unbeaten }) => unbeaten)).toHaveLength(
			ask('unbeaten', 1).methods.length
		);
		expect(compareShape.safeParse({ bag: 4 }).success).toBe(false);
	});
});

describe('what can be made from what there is', () => {
	const own = [
		{ kind: 'Thin carrier', bag: bagPresets[0].bag, count: 402 },
		{ kind: 'Bread bag', bag: { ...bagPresets[2].bag, massG: 3.3 }, count: 12 }
	];

	it('counts the group’s kinds as the store has them, and the bag on the bench beside', () => {
		expect(kindsToCount(startingPlan, own)).toEqual(own);
		const odd = { ...startingPlan, bag: { ...startingPlan.bag, flatWidthMm: 400 } };
		expect(kindsToCount(odd, own).at(-1)).toEqual({
			kind: planWords.mixRequest.theBagOnTheBench(),
			bag: odd.bag,
			count: 0
		});
		expect(kindsToCount(startingPlan, []).map(({ kind }) => kind)).toEqual([
			'thin carriers',
			'heavier shop bags',
			'milk pouches'
		]);
	});

	it.each(techniqueKinds)('has a usual plan of %s for every kind of bag', (kind) => {
		for (const { bag } of bagPresets) {
			const usual = usualPlanOf(kind, startingPlan, bag);
			expect(usual.technique.kind).toBe(kind);
			expect(usual.bag).toEqual(bag);
			expect(usual.target).toEqual(startingPlan.target);
			expect(planProblems(usual)).toEqual([]);
		}
		expect(usualPlanOf('peg-loom', loom, bagPresets[1].bag)).toEqual({
			...loom,
			bag: bagPresets[1].bag
		});
	});

	it('is asked for in the words of the JSON door', () => {
		const ways = waysThere([]).filter(({ kind }) => kind !== 'twined');
		const request = mixRequest(own, startingPlan, ways, 'area', 120);
		const read = parseRequest(JSON.stringify(request), mixShape);
		expect(read.problems).toBeUndefined();
		expect(read.value?.methods.map(({ name }) => name)).toEqual([
			'crochet',
			'peg-loom',
			'finger-bands'
		]);
		expect(read.value).toMatchObject({ goal: 'area', hours: 120 });
		expect(mixRequest(own, startingPlan, ways, 'mats', null)).not.toHaveProperty('hours');
	});
});

describe('the tools that are there', () => {
	const line = (name: string, tool: ToolLine['tool']): ToolLine => ({
		id: name,
		name,
		count: 1,
		tool
	});
	const tools = [
		line('Hall loom', { sort: 'loom', pegs: 28, pitchMm: 25.4, pegToPegMm: 1829, hasRods: true }),
		line('Long loom', { sort: 'loom', pegs: 34, pitchMm: 25, pegToPegMm: 2000, hasRods: true }),
		line('Half frame', { sort: 'frame', nails: 30, pitchMm: 14, lengthMm: 1830, rods: 'eyes' }),
		line('8 mm hook', { sort: 'hook', mm: 8 }),
		line('12 mm hook', { sort: 'hook', mm: 12 })
	];

	it('are the ways to make mats, one for each loom and frame', () => {
		const ways = waysThere(tools);
		expect(ways.map(({ name }) => name)).toEqual([
			'crochet',
			'peg-loom Hall loom',
			'peg-loom Long loom',
			'twined Half frame',
			'finger-bands'
		]);
		expect(ways.map((way) => isWayOpen(way, true))).toEqual([true, true, true, true, true]);
	});

	it('are all there is, once some are named', () => {
		const ways = waysThere(tools.slice(0, 1));
		expect(ways.filter((way) => isWayOpen(way, true)).map(({ kind }) => kind)).toEqual([
			'peg-loom',
			'finger-bands'
		]);
		expect(
			waysThere([])
				.filter((way) => isWayOpen(way, false))
				.map(({ kind }) => kind)
		).toEqual(['crochet', 'finger-bands']);
	});

	it('set the measures of their plans', () => {
		const [crochet, hall, , frame] = waysThere(tools).map(
			(way) => planOfWay(way, startingPlan, startingPlan.bag).technique
		);
		expect(crochet).toMatchObject({ kind: 'crochet', hookMm: 8, hooksMm: [8, 12] });
		expect(hall).toMatchObject({ kind: 'peg-loom', pegs: 28, pitchMm: 25.4, pegToPegMm: 1829 });
		expect(frame).toMatchObject({
			kind: 'twined',
			nails: 30,
			frameWidthMm: 420,
			frameLengthMm: 1830
		});
	});
});

describe('where practised hands differ', () => {
	it.each(plans)('every way is shown with its figures, or said not to go: %s', (_, plan) => {
		for (const system of ['cm', 'ft'] as const) {
			const questions = schoolsFor(plan, system, barePractice);
			expect(questions.length).toBeGreaterThanOrEqual(11);
			for (const { question, note, schools } of questions) {
				expect(note, question).toMatch(/\.$/);
				expect(schools.length).toBeGreaterThan(1);
				for (const { label, figures } of schools) {
					expect(label).toMatch(/^\S.*\S$/);
					for (const words of figures ?? [])
						expect(words, `${question}, ${label}`).not.toMatch(/NaN|undefined|Infinity/);
				}
			}
		}
	});

	it('what is taken up is the plan whose figures were shown', () => {
		const fields = fieldsOfPlan(startingPlan, 'cm');
		for (const { question, schools } of schoolsFor(startingPlan, 'cm', barePractice)) {
			for (const { label, changes, figures } of schools) {
				const bags = figures?.[0] ?? '';
				if (!changes || !/^[\d\s,]+ bags$/.test(bags)) continue;
				const { plan } = readFields({ ...fields, ...changes }, 'cm');
				const read = plan && Math.ceil(modelPlan(plan, barePoint).toCollect);
				expect(read, `${question}, ${label}`).toBe(Number(bags.replace(/\D/g, '')));
			}
		}
	});
});

describe('what a plan expects of a measure', () => {
	const entry = (more: Partial<MeasurementEntry>): MeasurementEntry => ({
		type: 'measurement',
		measure: 'chain',
		planId: '',
		maker: null,
		measuredOn: '2026-11-24',
		counted: 10,
		rows: null,
		lengthMm: null,
		heightMm: null,
		bagsUsed: null,
		strandMm: null,
		massG: null,
		isSure: false,
		...more
	});

	it.each(plans)('is read back as nothing new where the work is as expected: %s', (_, plan) => {
		const basis = basisOf(plan);
		const { readings } = readingsOf(entry({ lengthMm: 10 * basis.pieceMm }), basis);
		expect(readings?.pieceLength?.ratio).toBeCloseTo(1, 9);
		expect(
			readingsOf(entry({ measure: 'handful', massG: 10 * basis.plan.bag.massG }), basis).readings
				?.bagMass?.ratio
		).toBeCloseTo(1, 9);
		if (basis.woven) {
			const { pitch, rowPitchMm, bagsPerRow, bandMm } = basis.woven;
			const woven = readingsOf(
				entry({
					measure: 'woven',
					counted: 40,
					lengthMm: 40 * rowPitchMm,
					bagsUsed: bagsPerRow === undefined ? null : 40 * bagsPerRow,
					heightMm: bandMm ?? null
				}),
				basis
			).readings;
			expect(woven?.[pitch]?.ratio).toBeCloseTo(1, 9);
			if (bagsPerRow !== undefined) expect(woven?.pieceLength?.ratio).toBeCloseTo(1, 9);
			if (bandMm !== undefined) expect(woven?.bandGauge?.ratio).toBeCloseTo(1, 9);
		}
	});

	it('belongs to a technique: swatches to crochet, rows to what is woven', () => {
		const swatch = entry({ measure: 'swatch', rows: 20, lengthMm: 200, heightMm: 180 });
		expect(readingsOf(swatch, basisOf(loom)).problem).toContain('crocheted plan');
		const { rowHeightMm } = modelPlan(startingPlan, barePoint).mat as CrochetMat;
		expect(readingsOf(swatch, basisOf(startingPlan)).readings?.rowHeight?.ratio).toBeCloseTo(
			180 / 20 / rowHeightMm,
			9
		);
		const woven = entry({ measure: 'woven', lengthMm: 200 });
		expect(readingsOf(woven, basisOf(startingPlan)).problem).toContain('Woven rows need');
		expect(basisOf(loom).woven?.pitch).toBe('loomPitch');
		expect(basisOf(bands).woven?.pitch).toBe('bandPitch');
	});

	it('of a mat is held against its size, and refused where none can be made', () => {
		const mat = entry({ measure: 'mat', counted: 500, lengthMm: 1850, heightMm: 850 });
		expect(readingsOf(mat, basisOf(startingPlan)).readings?.mat?.ratio).toBeGreaterThan(0.5);
		expect(readingsOf({ ...mat, heightMm: 2 }, basisOf(startingPlan)).problem).toContain(
			'cannot make a mat of that size'
		);
	});

	it('is asked about where it is odd, with the slip that would explain it', () => {
		expect(oddReading({ stitchWidth: { ratio: 1.05, cv: 0.04 } })).toBeNull();
		const tenfold = oddReading({ pieceLength: { ratio: 10, cv: 0.02 } });
		expect(tenfold && oddWords(tenfold)).toContain('Perhaps a decimal point slipped');
		const inches = oddReading({ stitchWidth: { ratio: 1 / 2.54, cv: 0.04 } });
		expect(inches && oddWords(inches)).toContain('in inches and typed in centimetres');
		const strange = oddReading({ stitchWidth: { ratio: 1.8, cv: 0.04 } });
		expect(strange && oddWords(strange)).toContain(measuresWords.planBasis.pleaseCheckIt());
	});
});

it('any plan typed out and read again is the same plan, to what a ruler shows', () =>
	fc.assert(
		fc.property(anyPlan, (plan) => {
			const { plan: again } = readFields(fieldsOfPlan(plan, 'cm'), 'cm');
			expect(again?.technique.kind).toBe(plan.technique.kind);
			expect(again?.cut.style).toBe(plan.cut.style);
			for (const size of ['flatWidthMm', 'gussetMm', 'bodyMm', 'handleMm'] as const)
				expect(Math.abs((again?.bag[size] ?? NaN) - plan.bag[size]), size).toBeLessThanOrEqual(
					0.51
				);
			for (const size of ['widthMm', 'lengthMm'] as const)
				expect(Math.abs((again?.target[size] ?? NaN) - plan.target[size])).toBeLessThanOrEqual(
					0.51
				);
		}),
		{ numRuns: 200 }
	));
