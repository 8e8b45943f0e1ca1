import { SeasonActs as say } from '$lib/words/season';
import { uuidShape } from '$lib/server/base/uuid';
import { awayMessage, orAway } from '$lib/server/db/away';
import { entryAction } from '$lib/server/entries/keep-entry';
import { keepAim, keepBegin, keepNextPlan } from '$lib/server/season/best-kept';
import { readBestPage } from '$lib/server/asks/best-page';
import { readForm } from '$lib/server/web/read-form';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	event.depends('app:gather');
	const { group } = await event.parent();
	return await readBestPage(event.locals.db, group, event.url.searchParams.get('by'));
};

const ids = z.array(uuidShape).max(2000);
const aim = z.object({
	day: uuidShape,
	plan: uuidShape,
	balls: z.coerce.number().int().min(0).max(10_000),
	strands: z.coerce.number().int().min(0).max(400),
	checks: z.coerce.number().int().min(0).max(100),
	pillows: z.coerce.number().int().min(0).max(100)
});
const reload = () => fail(400, { message: say.reloadThisPage() });
const away = () => fail(503, { message: awayMessage });

export const actions: Actions = {
	/** A mat is passed on: an entry, like any other. */
	keep: entryAction,
	/** Who takes up yarn next, in their order, and who helps at the table instead; nobody named: as it comes. */
	begin: async ({ request, locals: { db } }) => {
		const form = await readForm(request);
		const [begin, later] = ['begin', 'later'].map((name) => ids.safeParse(form.getAll(name)).data);
		if (!begin || !later) return reload();
		return (await orAway(keepBegin(db, begin, later))) === null ? away() : { done: 'begin' };
	},
	/** The plan that the next mats follow; none: as the asks have it. */
	next: async ({ request, locals: { db } }) => {
		const typed = (await readForm(request)).get('plan');
		const plan = typed === '' ? null : uuidShape.safeParse(typed).data;
		if (plan === undefined) return reload();
		const done = await orAway(keepNextPlan(db, plan).then(() => true));
		return done === null ? away() : { done: 'next' };
	},
	/** What a day aims at. */
	aim: async ({ request, locals: { db } }) => {
		const { data } = aim.safeParse(Object.fromEntries(await readForm(request)));
		if (!data) return reload();
		const { plan: planId, balls, ...rest } = data;
		const done = await orAway(keepAim(db, { ...rest, planId, balls: balls || null }));
		if (done === null) return away();
		return done ? { done: 'aim' } : fail(409, { message: say.reloadThisPage() });
	}
};
