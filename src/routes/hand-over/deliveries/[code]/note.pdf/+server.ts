import { HandOverDeliveriesCodeNotePdfDoor as say } from '$lib/words/hand-over';
import { crateOf } from '$lib/stages/hand-over/packing';
import { findDelivery } from '$lib/server/hand-over/deliveries';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { answerPdf } from '$lib/server/web/answer-file';
import { isOnlyHere } from '$lib/server/web/own-address';
import { paperAsked } from '$lib/server/web/paper-asked';
import { readerOf } from '$lib/server/web/reader';
import { byLabel } from '$lib/server/web/by-label';
import type { RequestHandler } from './$types';

/** What goes with a delivery on paper. */
export const GET: RequestHandler = async ({ url, params, locals, cookies }) => {
	const reader = await readerOf({ locals, cookies });
	const delivery = await byLabel(
		params.code,
		(code) => findDelivery(locals.db, code),
		say.noDeliveryOfThisGroup()
	);
	const bytes = await runInWorker('note', {
		groupName: reader.name,
		delivery,
		crate: crateOf(delivery),
		address: isOnlyHere(url) ? null : `${url.origin}/hand-over/deliveries/${delivery.code}`,
		system: reader.lengthSystem,
		...paperAsked(url, reader)
	});
	return answerPdf(bytes, say.delivery({ code: delivery.code }));
};
