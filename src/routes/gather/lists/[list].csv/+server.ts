import { listFields, listNames } from '$lib/stages/gather/lists/columns';
import { writeCsv } from '$lib/stages/gather/lists/read-csv';
import { whileReached } from '$lib/server/db/away';
import { rowsAfter } from '$lib/server/gather/list-out';
import type { RequestHandler } from './$types';
import { error } from '@sveltejs/kit';

const atOnce = 5000;

/** A whole list as CSV, sent as it is read, so that a long one needs no more memory than a short one. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const list = listNames.find((name) => name === params.list);
	if (!list) error(404, { message: 'There is no such list.' });
	const encoder = new TextEncoder();
	// The first rows are read before anything is sent: while the database is away the answer says so.
	let rows = await whileReached(rowsAfter(locals.groupId, list, 0, atOnce));
	let isFirst = true;
	const body = new ReadableStream<Uint8Array>({
		async pull(controller) {
			const heads = isFirst ? [listFields[list].map(({ head }) => head)] : [];
			isFirst = false;
			controller.enqueue(encoder.encode(writeCsv([...heads, ...rows.map(({ cells }) => cells)])));
			const last = rows.at(-1);
			if (!last || rows.length < atOnce) return controller.close();
			rows = await rowsAfter(locals.groupId, list, last.id, atOnce);
			if (rows.length === 0) controller.close();
		}
	});
	return new Response(body, {
		headers: {
			'content-type': 'text/csv; charset=utf-8; header=present',
			'content-disposition': `attachment; filename="${list}.csv"`
		}
	});
};
