import { whileReached } from '$lib/server/db/away';
import { keepEntry } from '$lib/server/entries/keep-entry';
import { listTools } from '$lib/server/prepare/tools';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, depends }) => {
	depends('app:gather');
	return {
		tools: await whileReached(listTools(locals.groupId)),
		again: url.searchParams.get('again')
	};
};

export const actions: Actions = { keep: keepEntry };
