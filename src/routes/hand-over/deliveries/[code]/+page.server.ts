import { readCode } from '$lib/core/code/code';
import { whileReached } from '$lib/server/db/away';
import { keepEntry } from '$lib/server/entries/keep-entry';
import { findDelivery } from '$lib/server/hand-over/deliveries';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, depends }) => {
	depends('app:gather');
	const read = readCode(params.code.slice(0, 20));
	const delivery =
		read.problem === undefined ? await whileReached(findDelivery(locals.groupId, read.code)) : null;
	if (!delivery)
		error(404, { message: 'No delivery of this group has that label, or it was taken back.' });
	return { delivery };
};

export const actions: Actions = { keep: keepEntry };
