import type { Practice } from '$lib/core/know/practice';
import { estimatePlan } from '$lib/core/plan/estimate';
import { planOfShape } from '$lib/plan/document';
import { basisOf } from '$lib/plan/plan-basis';
import { whileReached } from '$lib/server/db/away';
import { listKinds } from '$lib/server/db/kinds';
import { leaveOutMeasurement, listMeasurements } from '$lib/server/db/measurements';
import type { KeptPlan } from '$lib/server/db/plans';
import { listWholePlans } from '$lib/server/db/plans';
import { listMakers, practiceOfGroup } from '$lib/server/db/practice';
import { leaveOutTimedWork, listTimedWork } from '$lib/server/db/timed-work';
import { keepEntry } from '$lib/server/keep-entry';
import { readForm } from '$lib/server/read-form';
import { WorkedOut } from '$lib/server/worked-out';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

/** Plans shown with their figures now and when they were kept. */
const plansShown = 12;

/** What a plan measures as, and what it comes to now. */
function workOut({ document }: KeptPlan, practice: Practice) {
	const shape = planOfShape(document.plan);
	return { basis: basisOf(shape), now: estimatePlan(shape, practice).tally };
}
const workedOut = new WorkedOut<ReturnType<typeof workOut>>();

export const load: PageServerLoad = async ({ locals, depends, url }) => {
	depends('app:gather');
	const { groupId } = locals;
	const asked = url.searchParams.get('maker')?.trim() ?? '';
	const makers = await whileReached(listMakers(groupId));
	const maker = makers.find((name) => name.toLowerCase() === asked.toLowerCase()) ?? null;
	const [measurements, timed, practice, kept, kinds] = await whileReached(
		Promise.all([
			listMeasurements(groupId),
			listTimedWork(groupId),
			practiceOfGroup(groupId, maker),
			listWholePlans(groupId, plansShown),
			listKinds(groupId)
		])
	);
	const plans = kept.map((plan) => ({
		id: plan.id,
		name: plan.name,
		then: plan.figures,
		...(workedOut.get(plan, practice) ?? workedOut.set(plan, practice, workOut(plan, practice)))
	}));
	return { measurements, timed, practice, plans, makers, maker, kinds };
};

const which = z.object({
	id: z.coerce.number().int().min(1).max(Number.MAX_SAFE_INTEGER),
	of: z.enum(['measurement', 'timed']),
	out: z.enum(['yes', 'no'])
});

export const actions: Actions = {
	keep: keepEntry,
	leave: async ({ request, locals }) => {
		const asked = which.safeParse(Object.fromEntries(await readForm(request))).data;
		if (!asked)
			return fail(400, { entry: null, message: 'Which measure was meant could not be read.' });
		const leave = asked.of === 'timed' ? leaveOutTimedWork : leaveOutMeasurement;
		await whileReached(leave(locals.groupId, asked.id, asked.out === 'yes'));
	}
};
