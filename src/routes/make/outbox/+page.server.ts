import { listMessages } from '$lib/server/making/messages';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('app:gather');
	return { messages: await listMessages(locals.db) };
};
