import { whileReached } from '$lib/server/db/away';
import { checkOverview } from '$lib/server/check/made-mats';
import { keepEntry } from '$lib/server/entries/keep-entry';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('app:gather');
	return whileReached(checkOverview(locals.groupId));
};

export const actions: Actions = { keep: keepEntry };
