import { whileReached } from '$lib/server/db/away';
import { keepEntry } from '$lib/server/entries/keep-entry';
import { listMats } from '$lib/server/hand/mats';
import { listPeople } from '$lib/server/people/people';
import { listPlans } from '$lib/server/plan/plans';
import { readerOf } from '$lib/server/web/reader';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { locals, depends } = event;
	depends('app:gather');
	const reader = await whileReached(readerOf(event));
	const [mats, plans, people] = await whileReached(
		Promise.all([
			listMats(locals.groupId, reader),
			listPlans(locals.groupId),
			listPeople(locals.groupId, reader.today)
		])
	);
	return {
		mats,
		plans: plans.map(({ id, name }) => ({ id, name })),
		people: people.map(({ id, name }) => ({ id, name }))
	};
};

export const actions: Actions = { keep: keepEntry };
