import { setWordsOfGroup } from '$lib/server/db/groups';
import { awayMessage } from '$lib/server/db/away';
import { isDatabaseAway } from '$lib/server/db/pool';
import { readForm } from '$lib/server/read-form';
import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import { lookOf } from '$lib/looks';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ cookies }) => ({ look: lookOf(cookies.get('look')) });

const words = z.object({
	lengths: z.enum(['cm', 'ft']).nullable().catch(null),
	terms: z.enum(['us', 'uk']).nullable().catch(null),
	look: z.enum(['device', 'film', 'dusk', 'contrast']).nullable().catch(null),
	// Only a path of ours: anything else goes to the list.
	back: z
		.string()
		.regex(/^\/(?![/\\])[\w\-/?=&.]*$/)
		.catch('/plans')
});

export const actions: Actions = {
	words: async ({ request, locals, cookies, url }) => {
		const { lengths, terms, look, back } = words.parse(Object.fromEntries(await readForm(request)));
		if (look) {
			// A look belongs to the device, words and units to the group.
			const isSecure = url.protocol === 'https:';
			cookies.set('look', look, { path: '/', maxAge: 31_536_000, secure: isSecure });
		}
		try {
			await setWordsOfGroup(locals.groupId, lengths, terms);
		} catch (problem) {
			if (isDatabaseAway(problem)) return fail(503, { message: awayMessage });
			throw problem;
		}
		redirect(303, back);
	}
};
