import { RemovedActs as say } from '$lib/words/house';
import { uuidShape } from '$lib/server/base/uuid';
import { awayMessage, orAway } from '$lib/server/db/away';
import { bringBack, listRemoved } from '$lib/server/removed/removed';
import { readForm } from '$lib/server/web/read-form';
import { removedSorts } from '$lib/ui/removed';
import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	removed: await listRemoved(locals.db)
});

const which = z.object({ sort: z.enum(removedSorts), id: uuidShape });

export const actions: Actions = {
	back: async ({ request, locals }) => {
		const asked = which.safeParse(Object.fromEntries(await readForm(request))).data;
		if (!asked) return fail(400, { message: say.thatCouldNotBeRead() });
		const back = await orAway(bringBack(locals.db, asked.sort, asked.id));
		if (back === null) return fail(503, { message: awayMessage });
		if (back === 'name') return fail(409, { message: say.anotherHasThatNameNow() });
		if (back === 'gone') return fail(409, { message: say.itCannotBeBroughtBack() });
		redirect(303, '/removed');
	}
};
