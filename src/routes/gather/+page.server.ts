import { whileReached } from '$lib/server/db/away';
import { listDropOffs } from '$lib/server/db/drop-offs';
import { keepEntry } from '$lib/server/keep-entry';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('app:gather');
	return {
		dropOffs: await whileReached(listDropOffs(locals.groupId)),
		today: new Date().toISOString().slice(0, 10)
	};
};

export const actions: Actions = { keep: keepEntry };
