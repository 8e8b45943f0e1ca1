import { whileReached } from '$lib/server/db/away';
import { keepEntry } from '$lib/server/entries/keep-entry';
import { listForetold } from '$lib/server/season/foretold';
import { readerOf } from '$lib/server/web/reader';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	event.depends('app:gather');
	const reader = await whileReached(readerOf(event));
	return { foretold: await whileReached(listForetold(event.locals.groupId, reader)) };
};

export const actions: Actions = { keep: keepEntry };
