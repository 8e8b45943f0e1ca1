import { PlanIdActs as say } from '$lib/words/plan';
import { planOfShape } from '$lib/stages/plan/document/document';
import { fieldsOfPlan } from '$lib/stages/plan/fields';
import { awayMessage, orAway } from '$lib/server/db/away';
import { findPlan, updatePlan } from '$lib/server/plan/plans';
import { keepNew, readBench, workOut } from '$lib/server/bench/bench-actions';
import { knownOf } from '$lib/server/bench/known-of';
import '$lib/server/bench/write-steps';
import { answerTo, standing } from '$lib/server/plan/keep-form';
import { error, fail } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals, parent, url }) => {
	const { group } = await parent();
	const plan = await findPlan(locals.db, params.id);
	if (!plan)
		error(404, {
			message: say.thereIsNoPlanHere()
		});
	return {
		id: plan.id,
		name: plan.name,
		version: plan.version,
		// Said only of the version that was kept from here, not of what someone kept since.
		keptAs: url.searchParams.get('kept') === String(plan.version) ? plan.version : null,
		fields: fieldsOfPlan(planOfShape(plan.document.plan), group.lengthSystem),
		...(await knownOf(locals.db)),
		key: crypto.randomUUID()
	};
};

export const actions = {
	keep: async (event) => {
		const { form, write } = await readBench(event);
		if (!write) return fail(422, answerTo(form));
		const { locals, params } = event;
		const result = await orAway(updatePlan(locals.db, params.id, form.version, write));
		if (!result) return fail(503, answerTo(form, { message: awayMessage }));
		if (result.outcome === 'gone') return fail(409, answerTo(form, { isGone: true }));
		if (result.outcome === 'changed-meanwhile') {
			return fail(409, answerTo(form, { theirs: standing(result.plan) }));
		}
		return answerTo(form, { kept: result.plan.version });
	},
	copy: keepNew,
	work: workOut
} satisfies Actions;
