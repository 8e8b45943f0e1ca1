import { fieldsOfPlan } from '$lib/plan/fields';
import { startingPlan } from '$lib/plan/starting-plan';
import { awayMessage, orAway } from '$lib/server/db/away';
import { insertPlan } from '$lib/server/db/plans';
import { answerTo, readKeepForm } from '$lib/server/keep-form';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ parent }) => {
	const { group } = await parent();
	return {
		name: '',
		fields: fieldsOfPlan(startingPlan, group.lengthSystem),
		key: crypto.randomUUID()
	};
};

export const actions: Actions = {
	keep: async ({ request, locals }) => {
		const { form, write } = readKeepForm(await request.formData());
		if (!write) return fail(422, answerTo(form));
		const result = await orAway(insertPlan(locals.groupId, write));
		if (!result) return fail(503, answerTo(form, { message: awayMessage }));
		if (result.outcome === 'gone') return fail(409, answerTo(form, { isGone: true }));
		redirect(303, `/plan/${result.plan.id}?kept=${result.plan.version}`);
	},
	work: async ({ request }) => answerTo(readKeepForm(await request.formData()).form)
};
