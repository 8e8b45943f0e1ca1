import { PlanActs as say } from '$lib/words/plan';
import { uuidShape } from '$lib/server/base/uuid';
import { fieldsOfPlan } from '$lib/stages/plan/fields';
import { startingPlan } from '$lib/core/model/starting-plan';
import { stepNames } from '$lib/stages/plan/words/step-lines';
import { keepNew, workOut } from '$lib/server/bench/bench-actions';
import { knownOf } from '$lib/server/bench/known-of';
import '$lib/server/bench/write-steps';
import { planOfWord } from '$lib/server/plan/plan-of-word';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

const linkShape = z.object({
	p: z.string().max(20_000).optional(),
	name: z.string().trim().max(120).catch(''),
	tool: uuidShape.nullable().catch(null),
	step: z.enum(stepNames).optional().catch(undefined)
});

/** A new plan: the usual start, or the one that a link carries. */
export const load: PageServerLoad = async ({ parent, url, locals }) => {
	const { group } = await parent();
	const link = linkShape.safeParse({
		tool: null,
		...Object.fromEntries(url.searchParams)
	}).data;
	const read = link?.p ? planOfWord(link.p) : null;
	return {
		name: link?.name ?? '',
		step: link?.step ?? null,
		tool: link?.tool ?? null,
		linkProblem: read?.problems ? say.thisLinkDoesNotHold() : null,
		fields: fieldsOfPlan(read?.plan ?? startingPlan, group.lengthSystem),
		...(await knownOf(locals.db)),
		key: crypto.randomUUID()
	};
};

export const actions = { keep: keepNew, work: workOut } satisfies Actions;
