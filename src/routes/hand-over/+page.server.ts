import { whileReached } from '$lib/server/db/away';
import { keepEntry } from '$lib/server/entries/keep-entry';
import { listReceivingPlaces } from '$lib/server/gather/places';
import { accountOf, listDeliveries, listReady } from '$lib/server/hand-over/deliveries';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals: { groupId }, depends }) => {
	depends('app:gather');
	const [mats, deliveries, account, places] = await whileReached(
		Promise.all([
			listReady(groupId),
			listDeliveries(groupId),
			accountOf(groupId),
			listReceivingPlaces(groupId)
		])
	);
	return { mats, deliveries, account, places: places.map(({ id, name }) => ({ id, name })) };
};

export const actions: Actions = { keep: keepEntry };
