import { awayMessage, orAway } from '$lib/server/db/away';
import { beginHouse } from '$lib/server/auth/begin-house';
import { accountProblems, accountTyped } from '$lib/server/auth/new-account';
import { isSignInOn } from '$lib/server/auth/identify';
import { clientAddress } from '$lib/server/web/client-address';
import { readForm } from '$lib/server/web/read-form';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => {
	if (!isSignInOn() || locals.account) redirect(303, '/');
};

export const actions: Actions = {
	begin: async (event) => {
		const form = await readForm(event.request);
		const typed = accountTyped(form);
		const word = String(form.get('word') ?? '').slice(0, 100);
		const { name, email } = typed;
		const back = { typed: { name, email }, word };
		const problems = await accountProblems(typed);
		if (Object.keys(problems).length > 0) return fail(422, { ...back, problems });
		const problem = await orAway(
			beginHouse(word, typed, clientAddress(event), event.request.headers)
		);
		if (problem === null) return fail(503, { ...back, problem: awayMessage });
		if (problem !== '') return fail(422, { ...back, problem });
		redirect(303, '/');
	}
};
