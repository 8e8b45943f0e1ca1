import { pagesToFind } from '$lib/stages/search/pages-to-find';
import { findAnything, longestAsked } from '$lib/server/search/find';
import { notOffered } from '$lib/server/auth/not-offered';
import { readerOf } from '$lib/server/web/reader';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const asked = (event.url.searchParams.get('q') ?? '').slice(0, longestAsked);
	const { stitchTerms } = await readerOf(event);
	const { pages: closed } = notOffered(event.locals.role);
	const open = pagesToFind(event.locals.account !== null).filter(
		({ href }) => !closed.includes(href)
	);
	return { asked, found: await findAnything(event.locals.db, asked, stitchTerms, open) };
};
