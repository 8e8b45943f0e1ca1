import { knownOf } from '$lib/server/bench/known-of';
import type { PageServerLoad } from './$types';

/** The kinds of bag a sack may hold, with what the store has, and whose measures the figures rest on. */
export const load: PageServerLoad = async ({ locals, url, depends }) => {
	depends('app:gather');
	const { practice, kinds, tools } = await knownOf(locals.db);
	return { practice, kinds, tools, counts: (url.searchParams.get('counts') ?? '').slice(0, 400) };
};
