import { whileReached } from '$lib/server/db/away';
import { keepEntry } from '$lib/server/entries/keep-entry';
import { listPillows, pillowStore } from '$lib/server/hand-over/pillows';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals: { groupId }, depends }) => {
	depends('app:gather');
	const [pillows, store] = await whileReached(
		Promise.all([listPillows(groupId), pillowStore(groupId)])
	);
	return { pillows, store };
};

export const actions: Actions = { keep: keepEntry };
