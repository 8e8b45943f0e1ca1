import { awayMessage, orAway } from '$lib/server/db/away';
import { askWayBack } from '$lib/server/auth/way-back';
import { clientAddress } from '$lib/server/web/client-address';
import { readForm } from '$lib/server/web/read-form';
import { fail } from '@sveltejs/kit';
import type { Actions } from './$types';

export const actions: Actions = {
	send: async (event) => {
		const email = String((await readForm(event.request)).get('email') ?? '').slice(0, 400);
		const problem = await orAway(askWayBack(email, clientAddress(event)));
		if (problem === null) return fail(503, { email, problem: awayMessage });
		if (problem !== '') return fail(422, { email, problem });
		return { isSent: true };
	}
};
