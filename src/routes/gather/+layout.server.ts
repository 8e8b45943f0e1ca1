import { listKinds } from '$lib/server/gather/kinds';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals, depends }) => {
	depends('app:gather');
	return { kinds: await listKinds(locals.db) };
};
