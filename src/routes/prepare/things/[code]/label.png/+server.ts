import { PrepareThingsCodeLabelPngDoor as say } from '$lib/words/prepare';
import { printerLabel } from '$lib/stages/prepare/label-sizes';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { labelCodesIn, labelsOf } from '$lib/server/prepare/labels';
import { readerOf } from '$lib/server/web/reader';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** A label as the small printer prints it. */
export const GET: RequestHandler = async ({ url, locals, cookies, params }) => {
	const reader = await readerOf({ locals, cookies });
	const [label] = await labelsOf(
		locals.db,
		labelCodesIn([params.code]),
		url.origin,
		reader.lengthSystem
	);
	if (!label) error(404, { message: say.nothingHasThatCode() });
	const png = await runInWorker('labelPng', { label, ...printerLabel });
	return new Response(new Uint8Array(png).buffer, { headers: { 'content-type': 'image/png' } });
};
