import { GatherSortActs as msg } from '$lib/words/gather';
import { endDrying, listDrying } from '$lib/server/gather/drying';
import { editOf, givenBack } from '$lib/server/gather/give-back';
import { listPlaces } from '$lib/server/gather/places';
import { sortedPerPage, listSorted } from '$lib/server/gather/sortings';
import { entryAction } from '$lib/server/entries/keep-entry';
import { rowNumberIn, rowNumberOf } from '$lib/server/web/line-in';
import { readForm } from '$lib/server/web/read-form';
import type { RequestEvent } from '@sveltejs/kit';
import { fail } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends, url }) => {
	depends('app:gather');
	const back = rowNumberIn(url, 'back');
	const before = rowNumberIn(url, 'before');
	const [drying, sorted, places, gives, edits] = await Promise.all([
		listDrying(locals.db),
		listSorted(locals.db, before),
		listPlaces(locals.db),
		givenBack(locals.db, 'sorting', back),
		editOf(locals.db, 'sorting', rowNumberIn(url, 'edit'))
	]);
	const chosen = rowNumberIn(url, 'dried');
	return {
		drying,
		sorted,
		/** What is listed last, where others were before it. */
		oldest: sorted.length < sortedPerPage ? null : (sorted.at(-1)?.id ?? null),
		isNewest: before === null,
		places,
		/** The pile that dried and is sorted now. */
		pile: drying.find(({ id, endedAt }) => id === chosen && !endedAt) ?? null,
		/** The sorting that is about to be taken back. */
		back,
		gives,
		/** What is edited, as its form is filled with it. */
		edits
	};
};

/** Says of a pile whether any of it is left. */
async function say({ request, locals }: RequestEvent, isOver: boolean) {
	const id = rowNumberOf((await readForm(request)).get('id'));
	if (id === null) return fail(400, { entry: null, message: msg.whichBagsWereMeantCould() });
	await endDrying(locals.db, id, isOver);
}

export const actions: Actions = {
	keep: entryAction,
	none: (event) => say(event, true),
	there: (event) => say(event, false)
};
