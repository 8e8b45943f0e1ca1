import { whileReached } from '$lib/server/db/away';
import { listKinds } from '$lib/server/gather/kinds';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals, depends }) => {
	depends('app:gather');
	return { kinds: await whileReached(listKinds(locals.groupId)) };
};
