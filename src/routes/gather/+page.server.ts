import { whileReached } from '$lib/server/db/away';
import { listDropOffs } from '$lib/server/gather/drop-offs';
import { listPlaces } from '$lib/server/gather/places';
import { lineIn } from '$lib/server/web/line-in';
import { keepEntry } from '$lib/server/entries/keep-entry';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends, url }) => {
	depends('app:gather');
	const [dropOffs, places] = await whileReached(
		Promise.all([listDropOffs(locals.groupId), listPlaces(locals.groupId)])
	);
	return {
		dropOffs,
		places,
		back: lineIn(url, 'back')
	};
};

export const actions: Actions = { keep: keepEntry };
