import { longest } from '$lib/entries/bounds';
import { FormReader } from '$lib/entries/form-reader';
import { forgetPerson, listPersons } from '$lib/server/book/known-persons';
import { awayMessage, orAway, whileReached } from '$lib/server/db/away';
import { addReceivingPlace, endReceiving, listReceivingPlaces } from '$lib/server/gather/places';
import { readForm } from '$lib/server/web/read-form';
import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const [persons, places] = await whileReached(
		Promise.all([listPersons(locals.groupId), listReceivingPlaces(locals.groupId)])
	);
	return { persons, places, forget: url.searchParams.get('forget') };
};

const idOf = async (request: Request) =>
	z.uuid().safeParse((await readForm(request)).get('id')).data ?? null;

export const actions: Actions = {
	/** Forgets a person, who was named on the page before. */
	forget: async ({ request, locals }) => {
		const id = await idOf(request);
		const forgotten = id === null ? null : await orAway(forgetPerson(locals.groupId, id));
		if (forgotten === null)
			return fail(409, {
				message:
					'Nobody was forgotten: that person is not in the list, or the list cannot be reached just now.'
			});
		redirect(303, '/people#people');
	},
	receiving: async ({ request, locals }) => {
		const typed = (await readForm(request)).get('name');
		const name = typeof typed === 'string' ? typed : '';
		const read = new FormReader({ name });
		const asked = read.needed('name', longest['place.name']);
		if (!read.isGood)
			return fail(422, { place: { typed: name.slice(0, 400), problem: read.problems.name } });
		const kept = await orAway(addReceivingPlace(locals.groupId, asked));
		if (!kept) return fail(503, { place: { typed: name, problem: awayMessage } });
		redirect(303, '/people#places');
	},
	ended: async ({ request, locals }) => {
		const id = await idOf(request);
		const isOver = id !== null && (await orAway(endReceiving(locals.groupId, id)));
		if (!isOver) return fail(409, { message: 'That place is not among those that receive mats.' });
		redirect(303, '/people#places');
	}
};
