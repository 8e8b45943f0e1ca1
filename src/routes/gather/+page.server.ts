import { GatherActs as say } from '$lib/words/gather';
import { uuidShape } from '$lib/server/base/uuid';
import { dropOffsPerPage, listDropOffs } from '$lib/server/gather/drop-offs';
import { editOf, givenBack } from '$lib/server/gather/give-back';
import { listPlaces, makeOnePlace, makeOwnPlace } from '$lib/server/gather/places';
import { rowNumberIn } from '$lib/server/web/line-in';
import { entryAction } from '$lib/server/entries/keep-entry';
import { readForm } from '$lib/server/web/read-form';
import { fail, redirect } from '@sveltejs/kit';
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

const idOf = (said: FormDataEntryValue | null) => uuidShape.safeParse(said).data ?? null;
const notThere = { entry: null, message: say.chooseTwoPlacesOfThe() };

export const actions: Actions = {
	keep: entryAction,
	/** Two places are one. */
	same: async ({ request, locals }) => {
		const form = await readForm(request);
		const [id, as] = [idOf(form.get('id')), idOf(form.get('as'))];
		const isOne = id && as && (await makeOnePlace(locals.db, id, as));
		if (!isOne) return fail(409, notThere);
		redirect(303, '/gather#places');
	},
	/** They are two again. */
	own: async ({ request, locals }) => {
		const id = idOf((await readForm(request)).get('id'));
		if (!id || !(await makeOwnPlace(locals.db, id))) return fail(409, notThere);
		redirect(303, '/gather#places');
	}
};
