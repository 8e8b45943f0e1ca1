import { HandedPage as say } from '$lib/words/photo';
import { fileProblem, headerBytes, mostBytes } from '$lib/core/photo/header';
import { awayMessage, orAway } from '$lib/server/db/away';
import { handOverPicture } from '$lib/server/photo/pictures';
import { troubleWords } from '$lib/stages/photo/photo-words';
import { fail } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => ({ isOpen: locals.link?.grants === 'photo' });

export const actions: Actions = {
	/** Hands one picture over to the one who plans. */
	default: async ({ request, locals }) => {
		const { link, db } = locals;
		if (link?.grants !== 'photo') return fail(410, { message: say.used() });
		const file = await request
			.formData()
			.then((fields) => fields.get('picture'))
			.catch(() => null);
		if (!(file instanceof File) || file.size === 0)
			return fail(422, { message: troubleWords['not-a-picture'] });
		if (file.size > mostBytes) return fail(413, { message: troubleWords['too-large'] });
		const bytes = new Uint8Array(await file.arrayBuffer());
		const problem = fileProblem(bytes.subarray(0, headerBytes), bytes.length);
		if (problem) return fail(422, { message: troubleWords[problem] });
		const handed = await orAway(
			handOverPicture(db, link.linkId, bytes).then((became) => ({ became }))
		);
		if (!handed) return fail(503, { message: awayMessage });
		return handed.became === 'handed' ? { isSent: true } : fail(410, { message: say.used() });
	}
};
