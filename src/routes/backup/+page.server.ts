import { copiesNoted } from '$lib/server/web/machine';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals: { db } }) => ({
	copies: await copiesNoted(db)
});
