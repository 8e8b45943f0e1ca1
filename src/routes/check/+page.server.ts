import { checkOverview } from '$lib/server/check/made-mats';
import { entryAction } from '$lib/server/entries/keep-entry';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('app:gather');
	return checkOverview(locals.db);
};

export const actions: Actions = { keep: entryAction };
