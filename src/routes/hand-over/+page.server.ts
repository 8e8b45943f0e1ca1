import { crateOf } from '$lib/stages/hand-over/packing';
import { entryAction } from '$lib/server/entries/keep-entry';
import { listReceivingPlaces } from '$lib/server/gather/places';
import { deliveriesPerPage, listDeliveries, listReady } from '$lib/server/hand-over/deliveries';
import { listPillows } from '$lib/server/hand-over/pillows';
import { rowNumberIn } from '$lib/server/web/line-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals: { db }, url, depends }) => {
	depends('app:gather');
	const [mats, deliveries, pillows, places] = await Promise.all([
		listReady(db),
		listDeliveries(db, { before: rowNumberIn(url, 'before') }),
		listPillows(db),
		listReceivingPlaces(db)
	]);
	return {
		mats,
		deliveries: deliveries.slice(0, deliveriesPerPage),
		hasOlder: deliveries.length > deliveriesPerPage,
		pillows,
		places: places.map(({ id, name }) => ({ id, name })),
		crate: crateOf(deliveries[0])
	};
};

export const actions: Actions = { keep: entryAction };
