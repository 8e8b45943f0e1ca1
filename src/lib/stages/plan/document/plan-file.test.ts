import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyPlan } from '$lib/core/model/plan.arbitrary';
import { readName } from '$lib/ui/name';
import { readPlanFile, writePlanFile } from './plan-file';
import { startingPlan } from '$lib/core/model/starting-plan';

const file = (change: (held: Record<string, unknown>) => void): string => {
	const held = JSON.parse(writePlanFile('Test', startingPlan)) as Record<string, unknown>;
	change(held);
	return JSON.stringify(held);
};
const planOf = (held: Record<string, unknown>) =>
	held.plan as Record<string, Record<string, unknown>>;

describe('a plan file', () => {
	it('opens as the plan that was saved', () => {
		fc.assert(
			fc.property(anyPlan, (plan) => {
				expect(readPlanFile(writePlanFile('Blue one', plan))).toEqual({ plan, name: 'Blue one' });
			})
		);
	});

	it.each([
		['is not JSON', 'knit one', 'file-not-json', 400],
		['is empty', '', 'file-not-json', 400],
		['is a list', '[1]', 'file-other-kind', 422],
		['is JSON of another kind', '{"type":"FeatureCollection"}', 'file-other-kind', 422],
		['is of a newer version', file((held) => (held.version = 3)), 'file-newer', 422],
		['has no plan in it', file((held) => delete held.plan), 'file-value', 422],
		[
			'has letters for a number',
			file((held) => (planOf(held).technique!.hook_mm = 'L')),
			'file-value',
			422
		],
		[
			'has a word no plan knows',
			file((held) => (planOf(held).cut!.colour = 'blue')),
			'file-value',
			422
		],
		[
			'has a hook of 0.1 mm',
			file((held) => (planOf(held).technique!.hook_mm = 0.1)),
			'file-value',
			422
		],
		[
			'has trims larger than its bag',
			file((held) => (planOf(held).cut!.trim_top_mm = 999)),
			'file-misfit',
			422
		]
	])('that %s is refused as %s', (_, text, code, status) => {
		expect(readPlanFile(text).problems?.[0]).toMatchObject({ code, status });
	});

	it('keeps its plan when only its name cannot be kept', () => {
		const read = readPlanFile(file((held) => (held.name = '\u0000')));
		expect(read).toEqual({ plan: startingPlan, name: null });
	});
});

describe('readName', () => {
	it.each([
		['  Mat  for\tthe Tide House ', 'Mat for the Tide House'],
		['Größe ½', 'Größe ½'],
		['🧶'.repeat(120), '🧶'.repeat(120)]
	])('keeps %j', (text, name) => expect(readName(text)).toEqual({ name }));

	it.each([
		['', 'name-empty'],
		[' \n ', 'name-empty'],
		['x'.repeat(121), 'name-too-long'],
		['a\u0000b', 'name-unreadable'],
		['a\ud800b', 'name-unreadable']
	])('refuses %j as %s', (text, code) => expect(readName(text).problem?.code).toBe(code));
});
