import { countedKinds } from '$lib/server/bench/known-of';
import type { PageServerLoad } from './$types';

/** The group's own kinds of bag: every way is worked out for the one that is chosen. */
export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('app:gather');
	return { kinds: await countedKinds(locals.db) };
};
