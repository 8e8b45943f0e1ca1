import { readCode } from '$lib/core/code/code';
import { usualCrate } from '$lib/entries/types/deliver';
import { papers } from '$lib/ui/reader';
import { whileReached } from '$lib/server/db/away';
import { findDelivery } from '$lib/server/hand-over/deliveries';
import { heavily } from '$lib/server/heavy/heavy-work';
import { answerPdf } from '$lib/server/web/answer-file';
import { isOnlyHere } from '$lib/server/web/own-address';
import { readerOf } from '$lib/server/web/reader';
import { error } from '@sveltejs/kit';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const shape = z.object({
	paper: z.enum(papers).nullable().catch(null),
	large: z.literal('yes').optional().catch(undefined)
});

/** What goes with a delivery on paper. */
export const GET: RequestHandler = async ({ url, params, locals, cookies }) => {
	const asked = shape.parse({ paper: null, ...Object.fromEntries(url.searchParams) });
	const read = readCode(params.code.slice(0, 20));
	const [reader, delivery] = await whileReached(
		Promise.all([
			readerOf({ locals, cookies }),
			read.problem === undefined ? findDelivery(locals.groupId, read.code) : null
		])
	);
	if (!delivery)
		error(404, { message: 'No delivery of this group has that label, or it was taken back.' });
	const bytes = await heavily('note', {
		groupName: reader.name,
		delivery,
		crate: {
			widthMm: delivery.crateWidthMm ?? usualCrate.widthMm,
			depthMm: delivery.crateDepthMm ?? usualCrate.depthMm,
			heightMm: delivery.crateHeightMm ?? usualCrate.heightMm
		},
		address: isOnlyHere(url) ? null : `${url.origin}/hand-over/deliveries/${delivery.code}`,
		system: reader.lengthSystem,
		paper: asked.paper ?? reader.paper,
		isLarge: asked.large === 'yes',
		locale: reader.locale,
		timeZone: reader.timeZone
	});
	return answerPdf(bytes, `Delivery ${delivery.code}`);
};
