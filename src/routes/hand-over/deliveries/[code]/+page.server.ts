import { entryAction } from '$lib/server/entries/keep-entry';
import { findDelivery } from '$lib/server/hand-over/deliveries';
import { byLabel } from '$lib/server/web/by-label';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, depends }) => {
	depends('app:gather');
	return {
		delivery: await byLabel(
			params.code,
			(code) => findDelivery(locals.db, code),
			'No delivery of this group has that label, or it was taken back.'
		)
	};
};

export const actions: Actions = { keep: entryAction };
