import { crateOf } from '$lib/stages/hand-over/packing';
import { entryAction } from '$lib/server/entries/keep-entry';
import { listReceivingPlaces } from '$lib/server/gather/places';
import { deliveriesPerPage, listDeliveries, listReady } from '$lib/server/hand-over/deliveries';
import { listWaiting } from '$lib/server/hand-over/asks';
import { readerOf } from '$lib/server/web/reader';
import { listPillows } from '$lib/server/hand-over/pillows';
import { rowNumberIn } from '$lib/server/web/line-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { db } = event.locals;
	event.depends('app:gather');
	const [mats, deliveries, pillows, places, asks] = await Promise.all([
		listReady(db),
		listDeliveries(db, { before: rowNumberIn(event.url, 'before') }),
		listPillows(db),
		listReceivingPlaces(db),
		readerOf(event).then((reader) => listWaiting(db, reader))
	]);
	return {
		mats,
		deliveries: deliveries.slice(0, deliveriesPerPage),
		hasOlder: deliveries.length > deliveriesPerPage,
		pillows,
		asks,
		places: places.map(({ id, name }) => ({ id, name })),
		crate: crateOf(deliveries[0])
	};
};

export const actions: Actions = { keep: entryAction };
