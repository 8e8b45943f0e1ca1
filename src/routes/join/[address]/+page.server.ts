import { JoinAddressActs as say } from '$lib/words/house';
import { addressIn, closedLink } from '$lib/server/book/links';
import { awayMessage, orAway } from '$lib/server/db/away';
import { cameInBefore, joinBy } from '$lib/server/auth/join';
import { accountProblems, accountTyped } from '$lib/server/auth/new-account';
import { clientAddress } from '$lib/server/web/client-address';
import { readForm } from '$lib/server/web/read-form';
import { error, fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

const opensNothing = {
	message: say.thisLinkDoesNotWork()
};

export const load: PageServerLoad = ({ locals }) => {
	const { link, account } = locals;
	if (link?.grants !== 'join') error(404, opensNothing);
	return { group: link.groupName, role: link.role, name: account?.name ?? null };
};

export const actions: Actions = {
	/** Whoever is signed in joins as who they are; anyone else makes an account on the way. */
	join: async (event) => {
		const { link, account } = event.locals;
		const typed = accountTyped(await readForm(event.request));
		const { name, email } = typed;
		if (link?.grants !== 'join') {
			const closed = await closedLink(addressIn(event.url.pathname));
			if (closed?.grants !== 'join') error(404, opensNothing);
			const said = await cameInBefore(
				closed,
				account?.id ?? null,
				typed,
				clientAddress(event),
				event.request.headers
			);
			if (said !== '') error(404, opensNothing);
			redirect(303, '/');
		}
		const problems = account ? {} : await accountProblems(typed);
		if (Object.keys(problems).length > 0) return fail(422, { typed: { name, email }, problems });
		const problem = await orAway(
			joinBy(link, account?.id ?? null, typed, clientAddress(event), event.request.headers)
		);
		if (problem === null) return fail(503, { typed: { name, email }, problem: awayMessage });
		if (problem !== '') return fail(422, { typed: { name, email }, problem });
		redirect(303, '/');
	}
};
