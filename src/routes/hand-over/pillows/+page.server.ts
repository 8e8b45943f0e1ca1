import { entryAction } from '$lib/server/entries/keep-entry';
import { listPillows, pillowStore } from '$lib/server/hand-over/pillows';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals: { db }, depends }) => {
	depends('app:gather');
	const [pillows, store] = await Promise.all([listPillows(db), pillowStore(db)]);
	return { pillows, store };
};

export const actions: Actions = { keep: entryAction };
