import { barePractice } from '$lib/core/practice/practice';
import { awayMessage, orAway } from '$lib/server/db/away';
import { practiceOrBare } from '$lib/server/measures/practice-asked';
import { answerTo, keptAsNew, readKeepForm } from '$lib/server/plan/keep-form';
import { insertPlan } from '$lib/server/plan/plans';
import { readForm } from '$lib/server/web/read-form';
import type { RequestEvent } from '@sveltejs/kit';
import { fail } from '@sveltejs/kit';

/** What stands on the bench as a form, read with what the group has measured. */
export const readBench = async ({ request, locals }: RequestEvent) =>
	readKeepForm(await readForm(request), await practiceOrBare(locals.db));

/** Keeps what stands on the bench as a plan of its own. */
export async function keepNew(event: RequestEvent) {
	const { form, write } = await readBench(event);
	if (!write) return fail(422, answerTo(form));
	const result = await orAway(insertPlan(event.locals.db, write));
	return result ? keptAsNew(result, form) : fail(503, answerTo(form, { message: awayMessage }));
}

/** Works out what stands on the bench, for pages without scripts; nothing is kept. */
export const workOut = async ({ request }: RequestEvent) =>
	answerTo(readKeepForm(await readForm(request), barePractice).form);
