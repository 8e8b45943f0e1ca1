import { setWordsOfGroup } from '$lib/server/db/groups';
import { awayMessage } from '$lib/server/db/away';
import { isDatabaseAway } from '$lib/server/db/pool';
import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions } from './$types';

const words = z.object({
	lengths: z.enum(['cm', 'ft']).nullable().catch(null),
	terms: z.enum(['us', 'uk']).nullable().catch(null),
	// Only a path of ours: anything else goes to the list.
	back: z
		.string()
		.regex(/^\/(?![/\\])[\w\-/?=&.]*$/)
		.catch('/plans')
});

export const actions: Actions = {
	words: async ({ request, locals }) => {
		const { lengths, terms, back } = words.parse(Object.fromEntries(await request.formData()));
		try {
			await setWordsOfGroup(locals.groupId, lengths, terms);
		} catch (problem) {
			if (isDatabaseAway(problem)) return fail(503, { message: awayMessage });
			throw problem;
		}
		redirect(303, back);
	}
};
