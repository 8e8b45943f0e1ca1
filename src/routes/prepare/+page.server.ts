import { whileReached } from '$lib/server/db/away';
import { keepEntry } from '$lib/server/entries/keep-entry';
import { loadTable } from '$lib/server/prepare/load-table';
import { readerOf } from '$lib/server/web/reader';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { locals, depends, url } = event;
	depends('app:gather');
	const plan = url.searchParams.get('plan');
	const table = await whileReached(
		readerOf(event).then((reader) => loadTable(locals.groupId, reader, plan))
	);
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
