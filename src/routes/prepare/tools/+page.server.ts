import { entryAction } from '$lib/server/entries/keep-entry';
import { loomWishes } from '$lib/server/prepare/loom-wishes';
import { listTools } from '$lib/server/prepare/tools';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, depends }) => {
	depends('app:gather');
	const tools = await listTools(locals.db);
	return {
		tools,
		wishes: await loomWishes(locals.db, tools),
		again: url.searchParams.get('again')
	};
};

export const actions: Actions = { keep: entryAction };
