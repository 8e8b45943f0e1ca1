import { entryAction } from '$lib/server/entries/keep-entry';
import { listForetold } from '$lib/server/season/foretold';
import { readerOf } from '$lib/server/web/reader';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	event.depends('app:gather');
	const reader = await readerOf(event);
	return { foretold: await listForetold(event.locals.db, reader) };
};

export const actions: Actions = { keep: entryAction };
