import { uuidShape } from '$lib/server/base/uuid';
import type { Practice } from '$lib/core/practice/practice';
import { estimatePlan } from '$lib/core/estimate/estimate';
import type { Plan } from '$lib/core/model/types';
import type { LengthSystem } from '$lib/core/units/format-length';
import { documentOf } from '$lib/stages/plan/document/document';
import type { FieldName, Fields } from '$lib/stages/plan/fields';
import { fieldNames, readFields } from '$lib/stages/plan/fields';
import { keptFiguresOf } from '$lib/stages/plan/document/kept-figures';
import { readName } from '$lib/ui/name';
import { fieldProblemWords, nameProblemWords } from '$lib/stages/plan/words/problem-words';
import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { PlanLine, PlanWrite, UpdateResult } from './plans';

const text = (form: FormData, name: string): string => {
	const value = form.get(name);
	return typeof value === 'string' ? value.slice(0, 1200) : '';
};

/** What came from the bench, as typed, with a sentence for each field that needs one. */
export interface KeepForm {
	readonly fields: Fields;
	readonly name: string;
	readonly system: LengthSystem;
	readonly version: number;
	readonly key: string;
	readonly problems: Partial<Record<FieldName | 'name', string>>;
}

/** What the bench is told after an act: what was typed, and how it went. */
export interface KeepAnswer extends KeepForm {
	/** A sentence for the page as a whole. */
	readonly message?: string;
	/** What stands in the plan's place since someone else kept it. */
	readonly theirs?: Pick<PlanLine, 'id' | 'name' | 'version' | 'figures' | 'updatedAt'>;
	/** The plan was deleted meanwhile. */
	readonly isGone?: boolean;
	/** The version it was kept as. */
	readonly kept?: number;
}

export const answerTo = (form: KeepForm, more: Partial<KeepAnswer> = {}): KeepAnswer => ({
	...form,
	...more
});

/** What stands in a plan's place, for whoever met it. */
export const standing = ({ id, name, version, figures, updatedAt }: PlanLine) => ({
	id,
	name,
	version,
	figures,
	updatedAt
});

/**
 * The answer to keeping a plan as a new one: on to its page, and only where it is kept. Under a key
 * that was kept before and has changed since, what stands there is shown, and nothing is said to be kept.
 */
export function keptAsNew(result: UpdateResult, form: KeepForm) {
	if (result.outcome === 'gone') return fail(409, answerTo(form, { isGone: true }));
	if (result.outcome === 'changed-meanwhile')
		return fail(409, answerTo(form, { theirs: standing(result.plan) }));
	redirect(303, `/plan/${result.plan.id}?kept=${result.plan.version}`);
}

const keyShape = uuidShape;
const versionShape = z.coerce.number().int().min(1).max(2_000_000_000);

/** Reads the bench's form. The write is null where something needs a look first. */
export function readKeepForm(
	form: FormData,
	practice: Practice
): {
	form: KeepForm;
	write: PlanWrite | null;
	plan: Plan | null;
} {
	const system: LengthSystem = text(form, 'lengths') === 'ft' ? 'ft' : 'cm';
	const fields = Object.fromEntries(fieldNames.map((name) => [name, text(form, name)])) as Fields;
	const reading = readFields(fields, system);
	const problems: KeepForm['problems'] = {};
	for (const [field, problem] of Object.entries(reading.problems)) {
		problems[field as FieldName] = fieldProblemWords(problem, system);
	}
	const typedName = form.get('name');
	const name = readName(typeof typedName === 'string' ? typedName : '');
	if (name.problem) problems.name = nameProblemWords(name.problem);

	const isAnew = form.get('anew') === 'yes';
	const key =
		(isAnew ? undefined : keyShape.safeParse(form.get('key')).data) ?? crypto.randomUUID();
	const version = versionShape.safeParse(form.get('over') ?? form.get('version')).data ?? 1;
	const write =
		reading.plan && name.name !== undefined
			? writeOf(name.name, reading.plan, key, practice)
			: null;
	return {
		form: { fields, name: text(form, 'name'), system, version, key, problems },
		write,
		plan: reading.plan
	};
}

/** A plan with the figures it has now, ready to be kept. */
export const writeOf = (name: string, plan: Plan, key: string, practice: Practice): PlanWrite => ({
	name,
	document: documentOf(plan),
	figures: keptFiguresOf(estimatePlan(plan, practice).tally),
	key
});
