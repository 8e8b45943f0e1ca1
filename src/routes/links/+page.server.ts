import { linkDays, listLinks, makeLink, revokeLink } from '$lib/server/book/links';
import { awayMessage, orAway, whileReached } from '$lib/server/db/away';
import { keyFor } from '$lib/server/db/part-key';
import { isOnlyHere } from '$lib/server/web/own-address';
import { readForm } from '$lib/server/web/read-form';
import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	links: await whileReached(listLinks(locals.groupId, null)),
	days: linkDays,
	/** Whether a link made here opens on this machine alone. */
	isOnlyHere: isOnlyHere(url)
});

const which = z.object({ plan: z.uuid(), key: z.uuid() });

export const actions: Actions = {
	/** Makes a link that opens one plan; its address is shown once, in the answer. */
	make: async ({ request, locals, url }) => {
		const asked = which.safeParse(Object.fromEntries(await readForm(request))).data;
		if (!asked) return fail(400, { message: 'Which plan was meant could not be read.' });
		const made = await orAway(
			makeLink(locals.groupId, keyFor(asked.key, asked.plan), asked.plan).then((address) => ({
				address
			}))
		);
		if (!made) return fail(503, { message: awayMessage });
		if (!made.address)
			return fail(409, {
				message:
					'No link was made: that plan is not in the list any more, or this page made its link already. Go to the plans and make another.'
			});
		return { address: `${url.origin}/l/${made.address}` };
	},
	revoke: async ({ request, locals }) => {
		const id = z.uuid().safeParse((await readForm(request)).get('id')).data;
		const isRevoked = id !== undefined && (await orAway(revokeLink(locals.groupId, id)));
		if (!isRevoked) return fail(409, { message: 'That link opens nothing any more.' });
		redirect(303, '/links');
	}
};
