import { whileReached } from '$lib/server/db/away';
import { listPlaces } from '$lib/server/db/places';
import { listDrying, lookedAgain } from '$lib/server/db/sortings';
import { keepEntry } from '$lib/server/keep-entry';
import { readForm } from '$lib/server/read-form';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('app:gather');
	const [drying, places] = await whileReached(
		Promise.all([listDrying(locals.groupId), listPlaces(locals.groupId)])
	);
	return { drying, places };
};

const id = z.coerce.number().int().min(1).max(Number.MAX_SAFE_INTEGER);

export const actions: Actions = {
	keep: keepEntry,
	looked: async ({ request, locals }) => {
		const which = id.safeParse((await readForm(request)).get('id')).data;
		if (which === undefined)
			return fail(400, { entry: null, message: 'Which bags were meant could not be read.' });
		await whileReached(lookedAgain(locals.groupId, which));
	}
};
