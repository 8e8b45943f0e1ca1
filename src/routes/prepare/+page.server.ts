import { entryAction } from '$lib/server/entries/keep-entry';
import { rowNumberIn } from '$lib/server/web/line-in';
import { loadTable } from '$lib/server/prepare/load-table';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends, url, parent }) => {
	depends('app:gather');
	const plan = url.searchParams.get('plan');
	const { group } = await parent();
	const before = rowNumberIn(url, 'before');
	const table = await loadTable(locals.db, group, plan, before);
	return {
		table,
		asked: {
			plan,
			use: url.searchParams.get('use'),
			pile: url.searchParams.get('pile'),
			before
		}
	};
};

export const actions: Actions = { keep: entryAction };
