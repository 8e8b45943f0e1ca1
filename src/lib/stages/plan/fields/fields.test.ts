import { bagPresets } from '$lib/core/bag/presets';
import type { Plan } from '$lib/core/model/types';
import { readPlanText, writePlanFile } from '../document/plan-file';
import { lengthFields } from './names';
import { barePractice } from '$lib/core/practice/practice';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { estimatePlan } from '$lib/core/estimate/estimate';
import { anyPlan } from '$lib/core/model/plan.arbitrary';
import { convertFields, fieldsOfPlan, readFields } from '.';
import { fieldProblemWords } from '../words/problem-words';
import { startingPlan } from '$lib/core/model/starting-plan';

const start = fieldsOfPlan(startingPlan, 'cm');

describe('the fields of the bench', () => {
	it('read back as the plan they were filled from', () => {
		expect(readFields(start, 'cm')).toEqual({ plan: startingPlan, problems: {} });
	});

	it('lose no more than a ruler’s reading of any plan, in either system', () => {
		fc.assert(
			fc.property(anyPlan, fc.constantFrom('cm' as const, 'ft' as const), (plan, system) => {
				const { plan: read } = readFields(fieldsOfPlan(plan, system), system);
				// A plan at the very edge of what can be made may fall off it by a tenth of a millimetre.
				if (!read) return;
				expect(Math.abs(read.target.widthMm - plan.target.widthMm)).toBeLessThan(0.13);
				expect(Math.abs(read.bag.bodyMm - plan.bag.bodyMm)).toBeLessThan(0.13);
				expect(read.technique.kind).toBe(plan.technique.kind);
				expect(read.cut.style).toBe(plan.cut.style);
			})
		);
	});

	it('are read the same once more from the plan they make', () => {
		fc.assert(
			fc.property(anyPlan, (plan) => {
				const { plan: once } = readFields(fieldsOfPlan(plan, 'cm'), 'cm');
				if (!once) return;
				const { plan: twice } = readFields(fieldsOfPlan(once, 'cm'), 'cm');
				const bags = (of: typeof once) => estimatePlan(of, barePractice).tally.toCollect.expected;
				expect(twice && bags(twice) / bags(once)).toBeCloseTo(1, 2);
			})
		);
	});

	it('in feet say a ruler’s sixteenths and mean what was meant: no plan changes by its units', () => {
		fc.assert(
			fc.property(anyPlan, (plan) => {
				const { plan: metric } = readFields(fieldsOfPlan(plan, 'cm'), 'cm');
				if (!metric) return;
				const feet = convertFields(fieldsOfPlan(metric, 'cm'), 'cm', 'ft');
				for (const field of Object.keys(lengthFields) as (keyof typeof lengthFields)[])
					// Ties and strap are as usual where their lengths are not said.
					if (field !== 'tie_length' && field !== 'strap_length')
						expect(feet[field]).toMatch(/^(\d+|\d+\/(2|4|8|16)|\d+ \d+\/(2|4|8|16)) in$/);
				const { plan: same } = readFields(feet, 'ft');
				const bags = (of: typeof metric) => estimatePlan(of, barePractice).model.toCollect;
				expect(same && bags(same) / bags(metric)).toBeCloseTo(1, 4);
				expect(convertFields(feet, 'ft', 'cm')).toEqual(fieldsOfPlan(metric, 'cm'));
			}),
			{ numRuns: 60 }
		);
	});

	it.each(['cm', 'ft'] as const)(
		'hold several kinds, own ties and an own stack, in %s',
		(system) => {
			const plan: Plan = {
				...startingPlan,
				mix: {
					by: 'share',
					amount: 0.5,
					also: [
						{ name: 'shop | bag', bag: bagPresets[1].bag, amount: 0.3 },
						{ bag: bagPresets[2].bag, amount: 0.2 }
					]
				},
				finish: {
					ties: 'braid',
					hasStrap: true,
					tieCount: 1,
					tieLengthMm: 1830,
					strapLengthMm: 900
				},
				work: { cuttingTool: 'rolling-blade', bagsPerBall: 20, stackBags: 50, stackFolds: 1 }
			};
			const read = readFields(fieldsOfPlan(plan, system), system).plan;
			expect(read?.finish).toEqual(plan.finish);
			expect(read?.work).toEqual(plan.work);
			expect(read?.mix?.also.map(({ name }) => name)).toEqual(['shop / bag', undefined]);
			expect(read?.mix?.also.map(({ bag, amount }) => ({ bag, amount }))).toEqual(
				plan.mix?.also.map(({ bag, amount }) => ({ bag, amount }))
			);
			const written = readPlanText(writePlanFile('Mixed', plan));
			expect(written.plan).toEqual(plan);
			expect(JSON.parse(writePlanFile('Mixed', plan))).toMatchObject({ version: 2 });
			expect(JSON.parse(writePlanFile('Plain', startingPlan))).toMatchObject({ version: 1 });
		}
	);

	it.each([
		'',
		'share',
		'share 0.5',
		'share 0.5 | 1 2 3',
		'count 5 | 380 60 430 140 14 -1',
		'x 1 | 380 60 430 140 14 1'
	])('take %j for one kind alone', (text) =>
		expect(readFields({ ...start, mix: text }, 'cm').plan?.mix).toBeUndefined()
	);

	it('typed over is what was typed', () => {
		const feet = fieldsOfPlan(startingPlan, 'ft');
		expect(feet.mat_width).toBe('33 7/16 in');
		const width = (text: string) =>
			readFields({ ...feet, mat_width: text }, 'ft').plan?.target.widthMm;
		expect(width('33 7/16 in')).toBe(850);
		expect(width('33 1/2 in')).toBeCloseTo(850.9, 6);
		expect(width('33.4375')).toBeCloseTo(849.3125, 6);
	});

	it.each(['x', 'mat_width', 'mat_width:', 'mat_width:1e9', 'constructor:4', 'mat_width:-4'])(
		'remember nothing of %j',
		(exact) => {
			const feet = { ...fieldsOfPlan(startingPlan, 'ft'), exact };
			expect(readFields(feet, 'ft').plan?.target.widthMm).toBeCloseTo(849.3125, 6);
		}
	);

	it('come to the same bags after going to feet and back', () => {
		const there = convertFields(start, 'cm', 'ft');
		expect(there.mat_width).toMatch(/in$/);
		const { plan } = readFields(convertFields(there, 'ft', 'cm'), 'cm');
		const before = estimatePlan(startingPlan, barePractice).tally.toCollect.expected;
		const after = plan ? estimatePlan(plan, barePractice).tally.toCollect.expected : NaN;
		expect(Math.abs(after / before - 1)).toBeLessThan(0.005);
	});

	it('leave what is not understood as it was typed when the units change', () => {
		expect(convertFields({ ...start, mat_width: 'wide' }, 'cm', 'ft').mat_width).toBe('wide');
	});

	const own = { ...start, bag_preset: 'own', trim: 'own', loops: 'measured' };
	it.each([
		['mat_width', '', /fill this in/],
		['mat_width', 'wide', /“wide” was not understood/],
		['mat_width', '0', /too small: at least 10 cm/],
		['mat_width', '-4', /too small/],
		['mat_length', '1e9', /“e” was not understood/],
		['mat_length', '1000000000', /too large: at most 600 cm/],
		['bag_gusset', '-3', /less than 0/],
		['handful_g', 'NaN', /not understood/],
		['handful_count', '0', /not a number/],
		['trim_bottom', '40 cm', /nothing is left to cut/],
		['strip_width', '380 mm', /wider than the 28.5 cm left/],
		['hook', '0.1', /too small: at least 2 mm/],
		['bags_per_ball', '2.5', /whole number from 1 to 200/]
	] as const)('%s of %j says so at the field', (field, text, sentence) => {
		const { plan, problems } = readFields({ ...own, [field]: text }, 'cm');
		expect(plan).toBeNull();
		const problem = problems[field];
		expect(problem && fieldProblemWords(problem, 'cm')).toMatch(sentence);
	});

	it.each([
		['peg-loom', 'pitch', '0', /too small: at least 5 mm/],
		['peg-loom', 'end_gap', 'two', /not understood/],
		['peg-loom', 'weft_equal_strips', '0', /too small/],
		['twined', 'cloth_width', '-3', /too small/],
		['twined', 'frame_width', '', /fill this in/]
	] as const)('on a %s, %s of %j says so at the field', (technique, field, text, sentence) => {
		const typed = { ...start, technique, frame: 'own', [field]: text };
		const problem = readFields(typed, 'cm').problems[field];
		expect(problem && fieldProblemWords(problem, 'cm')).toMatch(sentence);
	});

	it('take the joint that goes with the cut where another was left standing', () => {
		const typed = { ...start, style: 'spiral', strip_width: '40 mm', joint: 'loop' };
		expect(readFields(typed, 'cm').plan?.join?.kind).toBe('overhand');
	});

	it('each get their own sentence at once', () => {
		const { problems } = readFields({ ...own, mat_width: 'x', bag_body: '', hook: 'y' }, 'cm');
		expect(Object.keys(problems).sort()).toEqual(['bag_body', 'hook', 'mat_width']);
	});

	it('put a trim that takes all at the school when the school set it', () => {
		const small = { ...start, bag_preset: 'own', bag_body: '9 cm' };
		expect(readFields(small, 'cm').problems.trim?.code).toBe('trims-take-all');
	});
});
