import { whileReached } from '$lib/server/db/away';
import { dropOffsPerPage, listDropOffs } from '$lib/server/gather/drop-offs';
import { editOf, givenBack } from '$lib/server/gather/give-back';
import { listPlaces } from '$lib/server/gather/places';
import { lineIn } from '$lib/server/web/line-in';
import { keepEntry } from '$lib/server/entries/keep-entry';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends, url }) => {
	depends('app:gather');
	const back = lineIn(url, 'back');
	const before = lineIn(url, 'before');
	const [dropOffs, places, gives, edits] = await whileReached(
		Promise.all([
			listDropOffs(locals.groupId, before),
			listPlaces(locals.groupId),
			givenBack(locals.groupId, 'drop-off', back),
			editOf(locals.groupId, 'drop-off', lineIn(url, 'edit'))
		])
	);
	return {
		dropOffs,
		/** What is listed last, where others were before it. */
		oldest: dropOffs.length < dropOffsPerPage ? null : (dropOffs.at(-1)?.id ?? null),
		isNewest: before === null,
		places,
		back,
		gives,
		/** What is edited, as its form is filled with it. */
		edits
	};
};

export const actions: Actions = { keep: keepEntry };
