import { MeasuresActs as say } from '$lib/words/measures';
import type { Db } from '$lib/server/db/db';
import { barePractice } from '$lib/core/practice/practice';
import type { PlanBasis } from '$lib/measures/plan-basis';
import { basisOf } from '$lib/measures/plan-basis';
import { listKinds } from '$lib/server/gather/kinds';
import { leaveOutMeasurement, listMeasurements } from '$lib/server/measures/measurements';
import { outOfPlans, plansNow } from '$lib/server/plan/plans-now';
import { listNewestPlans } from '$lib/server/plan/plans';
import { listMakers, practiceOfGroup } from '$lib/server/measures/practice';
import { leaveOutTimedWork, listTimedWork } from '$lib/server/measures/timed-work';
import { entryAction } from '$lib/server/entries/keep-entry';
import { readForm } from '$lib/server/web/read-form';
import { Memo } from '$lib/server/db/cache';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

/** Plans shown with their figures now and when they were kept. */
const plansShown = 12;

/** The practice of the group, or of the maker that is asked for. */
async function practiceBy(db: Db, asked: Promise<string | null> | null) {
	const maker = await asked;
	return { maker, practice: await practiceOfGroup(db, maker) };
}

const bases = new Memo<PlanBasis>();

export const load: PageServerLoad = async ({ locals, depends, url }) => {
	depends('app:gather');
	const { db } = locals;
	const asked = url.searchParams.get('maker')?.trim() ?? '';
	const makerAsked = async (makers: Promise<string[]>) =>
		(await makers).find((name) => name.toLowerCase() === asked.toLowerCase()) ?? null;
	const known = listMakers(db);
	const [makers, measurements, timed, { maker, practice }, lines, kinds] = await Promise.all([
		known,
		listMeasurements(db),
		listTimedWork(db),
		practiceBy(db, asked === '' ? null : makerAsked(known)),
		listNewestPlans(db, plansShown),
		listKinds(db)
	]);
	const [nows, basisOfPlan] = await Promise.all([
		plansNow(db, lines, practice),
		outOfPlans(db, lines, barePractice, bases, basisOf)
	]);
	const plans = nows.flatMap(({ id, name, figures, now }) => {
		const basis = basisOfPlan.get(id);
		return basis ? [{ id, name, then: figures, now, basis }] : [];
	});
	return { measurements, timed, practice, plans, makers, maker, kinds };
};

const which = z.object({
	id: z.coerce.number().int().min(1).max(Number.MAX_SAFE_INTEGER),
	of: z.enum(['measurement', 'timed']),
	out: z.enum(['yes', 'no'])
});

export const actions: Actions = {
	keep: entryAction,
	leave: async ({ request, locals }) => {
		const asked = which.safeParse(Object.fromEntries(await readForm(request))).data;
		if (!asked) return fail(400, { entry: null, message: say.theMeasureCouldNotBe() });
		const leave = asked.of === 'timed' ? leaveOutTimedWork : leaveOutMeasurement;
		await leave(locals.db, asked.id, asked.out === 'yes');
	}
};
