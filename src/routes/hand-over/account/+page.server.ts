import { accountIn } from '$lib/server/hand-over/account';
import { periodIn } from '$lib/server/hand-over/period-in';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals: { db }, url, depends }) => {
	depends('app:gather');
	return accountIn(db, periodIn(url));
};
