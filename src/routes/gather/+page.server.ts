import { whileReached } from '$lib/server/db/away';
import { listDropOffs } from '$lib/server/gather/drop-offs';
import { givenBack } from '$lib/server/gather/give-back';
import { listPlaces } from '$lib/server/gather/places';
import { lineIn } from '$lib/server/web/line-in';
import { keepEntry } from '$lib/server/entries/keep-entry';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends, url }) => {
	depends('app:gather');
	const back = lineIn(url, 'back');
	const [dropOffs, places, gives] = await whileReached(
		Promise.all([
			listDropOffs(locals.groupId),
			listPlaces(locals.groupId),
			givenBack(locals.groupId, 'drop-off', back)
		])
	);
	return {
		dropOffs,
		places,
		back,
		gives
	};
};

export const actions: Actions = { keep: keepEntry };
