import { whileReached } from '$lib/server/db/away';
import { accountIn } from '$lib/server/hand-over/account';
import { periodIn } from '$lib/server/hand-over/period-in';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals: { groupId }, url, depends }) => {
	depends('app:gather');
	return whileReached(accountIn(groupId, periodIn(url)));
};
