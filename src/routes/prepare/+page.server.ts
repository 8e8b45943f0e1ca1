import { whileReached } from '$lib/server/db/away';
import { keepEntry } from '$lib/server/entries/keep-entry';
import { loadTable } from '$lib/server/prepare/load-table';
import { listTools } from '$lib/server/prepare/tools';
import { readerOf } from '$lib/server/web/reader';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { locals, depends, url } = event;
	depends('app:gather');
	const [table, tools] = await whileReached(
		readerOf(event).then((reader) =>
			Promise.all([loadTable(locals.groupId, reader), listTools(locals.groupId)])
		)
	);
	return {
		table,
		looms: tools.filter(({ tool }) => tool.sort === 'loom').map(({ id, name }) => ({ id, name })),
		asked: {
			plan: url.searchParams.get('plan'),
			use: url.searchParams.get('use'),
			pile: url.searchParams.get('pile')
		}
	};
};

export const actions: Actions = { keep: keepEntry };
