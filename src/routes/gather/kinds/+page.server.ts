import { whileReached } from '$lib/server/db/away';
import { listStoredKinds, removeKind } from '$lib/server/db/kinds';
import { keepEntry } from '$lib/server/keep-entry';
import { readForm } from '$lib/server/read-form';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, depends }) => {
	depends('app:gather');
	return {
		stored: await whileReached(listStoredKinds(locals.groupId)),
		again: url.searchParams.get('again')
	};
};

export const actions: Actions = {
	keep: keepEntry,
	remove: async ({ request, locals }) => {
		const id = z.uuid().safeParse((await readForm(request)).get('id')).data;
		const isGone = id !== undefined && (await whileReached(removeKind(locals.groupId, id)));
		if (!isGone)
			return fail(409, {
				entry: null,
				message: 'This kind has a history in the store, or is gone already. It stays as it is.'
			});
	}
};
