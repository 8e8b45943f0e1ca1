import { entryAction } from '$lib/server/entries/keep-entry';
import { matsToBegin } from '$lib/server/need/need';
import { loomWishes } from '$lib/server/prepare/loom-wishes';
import { listTools } from '$lib/server/prepare/tools';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, depends, parent }) => {
	depends('app:gather');
	const { group } = await parent();
	const tools = await listTools(locals.db);
	return {
		tools,
		wishes: await loomWishes(locals.db, tools, matsToBegin(locals.db, group)),
		again: url.searchParams.get('again')
	};
};

export const actions: Actions = { keep: entryAction };
