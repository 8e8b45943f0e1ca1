import { awayMessage, orAway } from '$lib/server/db/away';
import { renewPassphrase } from '$lib/server/auth/way-back';
import { readForm } from '$lib/server/web/read-form';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url, setHeaders }) => {
	// The address carries a way in: it is told to no one and kept nowhere on the way.
	setHeaders({ 'referrer-policy': 'same-origin', 'cache-control': 'no-store' });
	return { token: (url.searchParams.get('token') ?? '').slice(0, 200) };
};

export const actions: Actions = {
	renew: async ({ request }) => {
		const form = await readForm(request);
		const text = (name: string) => String(form.get(name) ?? '').slice(0, 1000);
		const problem = await orAway(
			renewPassphrase(text('token'), text('passphrase'), form.get('keep_passkeys') === 'yes')
		);
		if (problem === null) return fail(503, { problem: awayMessage });
		if (problem !== '') return fail(422, { problem });
		redirect(303, '/sign-in');
	}
};
