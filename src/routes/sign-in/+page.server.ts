import { awayMessage, orAway } from '$lib/server/db/away';
import { signIn } from '$lib/server/auth/sign-in';
import { ownPath } from '$lib/server/web/own-path';
import { clientAddress } from '$lib/server/web/client-address';
import { readForm } from '$lib/server/web/read-form';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => {
	const back = ownPath(url.searchParams.get('back'));
	if (locals.account) redirect(303, back);
	return { back };
};

export const actions: Actions = {
	in: async (event) => {
		const form = await readForm(event.request);
		const email = String(form.get('email') ?? '').slice(0, 400);
		const passphrase = String(form.get('passphrase') ?? '').slice(0, 1000);
		const back = ownPath(form.get('back'));
		const problem = await orAway(
			signIn({ email, passphrase }, clientAddress(event), event.request.headers)
		);
		if (problem === null) return fail(503, { email, back, problem: awayMessage });
		if (problem !== '') return fail(422, { email, back, problem });
		redirect(303, back);
	}
};
