import { barePractice } from '$lib/core/practice/practice';
import { fieldsOfPlan } from '$lib/stages/plan/fields';
import { startingPlan } from '$lib/core/model/starting-plan';
import { stepNames } from '$lib/stages/plan/words/step-lines';
import { awayMessage, orAway } from '$lib/server/db/away';
import { insertPlan } from '$lib/server/plan/plans';
import { knownOf, practiceOrBare } from '$lib/server/gather/practice-or-bare';
import { answerTo, keptAsNew, readKeepForm } from '$lib/server/plan/keep-form';
import { planOfWord } from '$lib/server/plan/plan-of-word';
import { readForm } from '$lib/server/web/read-form';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

const linkShape = z.object({
	p: z.string().max(20_000).optional(),
	name: z.string().trim().max(120).catch(''),
	step: z.enum(stepNames).optional().catch(undefined)
});

/** A new plan: the usual start, or the one that a link carries. */
export const load: PageServerLoad = async ({ parent, url, locals }) => {
	const { group } = await parent();
	const link = linkShape.safeParse(Object.fromEntries(url.searchParams)).data;
	const read = link?.p ? planOfWord(link.p) : null;
	return {
		name: link?.name ?? '',
		step: link?.step ?? null,
		linkProblem: read?.problems
			? 'This link does not hold a whole plan. It may have been cut short; here is a new plan instead.'
			: null,
		fields: fieldsOfPlan(read?.plan ?? startingPlan, group.lengthSystem),
		...(await knownOf(locals.groupId)),
		key: crypto.randomUUID()
	};
};

export const actions: Actions = {
	keep: async ({ request, locals }) => {
		const { form, write } = readKeepForm(
			await readForm(request),
			await practiceOrBare(locals.groupId)
		);
		if (!write) return fail(422, answerTo(form));
		const result = await orAway(insertPlan(locals.groupId, write));
		if (!result) return fail(503, answerTo(form, { message: awayMessage }));
		return keptAsNew(result, form);
	},
	work: async ({ request }) => answerTo(readKeepForm(await readForm(request), barePractice).form)
};
