import { HandOverDeliveriesCodeActs as say } from '$lib/words/hand-over';
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
			say.noDeliveryOfThisGroup()
		)
	};
};

export const actions: Actions = { keep: entryAction };
