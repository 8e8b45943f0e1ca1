import { PlacesActs as say } from '$lib/words/people';
import { uuidShape } from '$lib/server/base/uuid';
import { longest } from '$lib/entries/bounds';
import { FormReader } from '$lib/entries/form-reader';
import { awayMessage, orAway } from '$lib/server/db/away';
import {
	addReceivingPlace,
	endReceiving,
	listPlaces,
	listReceivingPlaces,
	makeOnePlace,
	makeOwnPlace
} from '$lib/server/gather/places';
import { hangsOnPlace } from '$lib/server/hand-over/hangs-on-place';
import { readerOf } from '$lib/server/web/reader';
import { readForm } from '$lib/server/web/read-form';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('app:gather');
	const [sources, receiving] = await Promise.all([
		listPlaces(locals.db),
		listReceivingPlaces(locals.db)
	]);
	return { sources, receiving };
};

const idOf = (said: FormDataEntryValue | null) => uuidShape.safeParse(said).data ?? null;
const notTwo = { merging: say.chooseTwoSourcesOfThe() };

export const actions: Actions = {
	receiving: async ({ request, locals }) => {
		const typed = (await readForm(request)).get('name');
		const name = typeof typed === 'string' ? typed : '';
		const read = new FormReader({ name });
		const asked = read.needed('name', longest['place.name']);
		if (!read.isGood)
			return fail(422, { place: { typed: name.slice(0, 400), problem: read.problems.name } });
		const kept = await orAway(addReceivingPlace(locals.db, asked));
		if (!kept) return fail(503, { place: { typed: name, problem: awayMessage } });
		redirect(303, '/places#receiving');
	},
	ended: async ({ request, locals, cookies }) => {
		const form = await readForm(request);
		const id = idOf(form.get('id'));
		const { today } = await readerOf({ locals, cookies });
		const hangs = id && (await orAway(hangsOnPlace(locals.db, id, today)));
		if (hangs && hangs.mats + hangs.unconfirmed > 0 && form.get('sure') !== 'yes')
			return fail(409, { hanging: { ...hangs, id } });
		const isOver = id !== null && (await orAway(endReceiving(locals.db, id)));
		if (!isOver) return fail(409, { message: say.thatPlaceIsNotAmong() });
		redirect(303, '/places#receiving');
	},
	/** Two sources are one. */
	same: async ({ request, locals }) => {
		const form = await readForm(request);
		const [id, as] = [idOf(form.get('id')), idOf(form.get('as'))];
		const isOne = id && as && (await makeOnePlace(locals.db, id, as));
		if (!isOne) return fail(409, notTwo);
		redirect(303, '/places#sources');
	},
	/** They are two again. */
	own: async ({ request, locals }) => {
		const id = idOf((await readForm(request)).get('id'));
		if (!id || !(await makeOwnPlace(locals.db, id))) return fail(409, notTwo);
		redirect(303, '/places#sources');
	}
};
