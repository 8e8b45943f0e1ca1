import { whileReached } from '$lib/server/db/away';
import { keepEntry } from '$lib/server/entries/keep-entry';
import { loadTable } from '$lib/server/prepare/load-table';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends, url, parent }) => {
	depends('app:gather');
	const plan = url.searchParams.get('plan');
	const { group } = await parent();
	const table = await whileReached(loadTable(locals.groupId, group, plan));
	return {
		table,
		asked: {
			plan,
			use: url.searchParams.get('use'),
			pile: url.searchParams.get('pile')
		}
	};
};

export const actions: Actions = { keep: keepEntry };
