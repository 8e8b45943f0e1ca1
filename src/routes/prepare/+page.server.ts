import { entryAction } from '$lib/server/entries/keep-entry';
import { uuidShape } from '$lib/server/base/uuid';
import { rememberHere } from '$lib/server/web/remember-here';
import { rowNumberIn } from '$lib/server/web/line-in';
import { matsToBegin } from '$lib/server/need/need';
import { loadTable } from '$lib/server/prepare/load-table';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends, url, parent, cookies }) => {
	depends('app:gather');
	// The plan chosen stays chosen on this device, until another is.
	const chosen = url.searchParams.get('plan');
	if (chosen && uuidShape.safeParse(chosen).success)
		rememberHere({ cookies, url }, 'table_plan', chosen);
	const plan = chosen ?? cookies.get('table_plan') ?? null;
	const { group } = await parent();
	const before = rowNumberIn(url, 'before');
	const table = await loadTable(locals.db, group, plan, matsToBegin(locals.db, group), before);
	return {
		table,
		asked: {
			plan: chosen,
			use: url.searchParams.get('use'),
			pile: url.searchParams.get('pile'),
			before
		}
	};
};

export const actions: Actions = { keep: entryAction };
