import { MakeCodeActs as say } from '$lib/words/making';
import { uuidShape } from '$lib/server/base/uuid';
import { entryAction } from '$lib/server/entries/keep-entry';
import { listLinks, linkDays, makeMatLink, revokeLink } from '$lib/server/book/links';
import { awayMessage, orAway } from '$lib/server/db/away';
import { findMade } from '$lib/server/check/made-mats';
import { chosenFor } from '$lib/server/making/chosen-balls';
import { findMat } from '$lib/server/making/mats';
import { seenOf } from '$lib/server/making/rows';
import { listLoadedLooms } from '$lib/server/prepare/loaded-looms';
import { listPeople } from '$lib/server/people/people';
import { byLabel } from '$lib/server/web/by-label';
import { readerOf } from '$lib/server/web/reader';
import { isOnlyHere } from '$lib/server/web/own-address';
import { readForm } from '$lib/server/web/read-form';
import { squareCode } from '$lib/server/sheets/square-code';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { locals, params, depends } = event;
	depends('app:gather');
	const reader = await readerOf(event);
	const mat = await byLabel(
		params.code,
		async (code) => {
			const found = await findMat(locals.db, code, reader);
			// Once it is finished it goes on at its check, and so does whoever looks at it.
			if (!found && (await findMade(locals.db, code))) redirect(303, `/check/${code}`);
			return found;
		},
		say.noMatInHandHas()
	);
	const [seen, people, offered, links, looms] = await Promise.all([
		seenOf(locals.db, mat.id),
		listPeople(locals.db, reader.today),
		chosenFor(locals.db, mat.code),
		listLinks(locals.db, mat.code),
		mat.loom === null ? [] : listLoadedLooms(locals.db)
	]);
	return {
		mat,
		seen,
		offered: offered.chosen,
		thereM: offered.thereM,
		links,
		/** Strands of its warp that are laid, where it is on a loom that stands there. */
		loaded: looms.find((loom) => loom.code === mat.code) ?? null,
		linkDays,
		isOnlyHere: isOnlyHere(event.url),
		people: people.map(({ id, name }) => ({ id, name }))
	};
};

export const actions: Actions = {
	keep: entryAction,
	/** Makes a link for whoever makes this mat; its address is shown once, in the answer. */
	link: async ({ request, locals, params, url }) => {
		const key = uuidShape.safeParse((await readForm(request)).get('key')).data;
		if (key === undefined) return fail(400, { message: say.thisCouldNotBeRead() });
		const made = await orAway(
			makeMatLink(locals.db, key, params.code.toUpperCase()).then((address) => ({ address }))
		);
		if (!made) return fail(503, { message: awayMessage });
		if (!made.address)
			return fail(409, {
				message: say.noLinkWasMadeThis()
			});
		const address = `${url.origin}/m/${made.address}`;
		return { address, square: squareCode(address, 220) };
	},
	revoke: async ({ request, locals }) => {
		const id = uuidShape.safeParse((await readForm(request)).get('id')).data;
		const isRevoked = id !== undefined && (await orAway(revokeLink(locals.db, id)));
		return isRevoked ? {} : fail(409, { message: say.thatLinkOpensNothingAny() });
	}
};
