import { entryAction } from '$lib/server/entries/keep-entry';
import { listMats } from '$lib/server/making/mats';
import { listPeople } from '$lib/server/people/people';
import { listPlans } from '$lib/server/plan/plans';
import { readerOf } from '$lib/server/web/reader';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { locals, depends } = event;
	depends('app:gather');
	const reader = await readerOf(event);
	const [mats, plans, people] = await Promise.all([
		listMats(locals.db, reader),
		listPlans(locals.db),
		listPeople(locals.db, reader.today)
	]);
	return {
		mats,
		plans: plans.map(({ id, name }) => ({ id, name })),
		people: people.map(({ id, name }) => ({ id, name }))
	};
};

export const actions: Actions = { keep: entryAction };
