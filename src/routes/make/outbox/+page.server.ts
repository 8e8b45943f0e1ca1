import { listMessages } from '$lib/server/hand/messages';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('app:gather');
	return { messages: await listMessages(locals.db) };
};
