import { dropOffsPerPage, listDropOffs } from '$lib/server/gather/drop-offs';
import { editOf, givenBack } from '$lib/server/gather/give-back';
import { listPlaces } from '$lib/server/gather/places';
import { rowNumberIn } from '$lib/server/web/line-in';
import { entryAction } from '$lib/server/entries/keep-entry';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends, url }) => {
	depends('app:gather');
	const back = rowNumberIn(url, 'back');
	const before = rowNumberIn(url, 'before');
	const [dropOffs, places, gives, edits] = await Promise.all([
		listDropOffs(locals.db, before),
		listPlaces(locals.db),
		givenBack(locals.db, 'drop-off', back),
		editOf(locals.db, 'drop-off', rowNumberIn(url, 'edit'))
	]);
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

export const actions: Actions = { keep: entryAction };
