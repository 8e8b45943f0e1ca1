import { writeCsv } from '$lib/stages/gather/lists/read-csv';

/** A file as it goes out: to be saved under a name. */
export const answerPdf = (bytes: Uint8Array, name: string): Response =>
	new Response(new Uint8Array(bytes).buffer, {
		headers: {
			'content-type': 'application/pdf',
			'content-disposition': `attachment; filename="${name}.pdf"`
		}
	});

type Cells = readonly (string | number | null)[];

/**
 * A list as CSV, sent as it is read, so that a long one needs no more memory than a short one. What comes
 * first is read before anything is sent: while the database is away the answer says so.
 *
 * @param next the next rows, none at the end
 */
export async function answerCsv(
	name: string,
	heads: Cells,
	next: () => Promise<readonly Cells[]>
): Promise<Response> {
	const encoder = new TextEncoder();
	let rows = await next();
	let isFirst = true;
	const body = new ReadableStream<Uint8Array>({
		async pull(controller) {
			controller.enqueue(encoder.encode(writeCsv([...(isFirst ? [heads] : []), ...rows])));
			isFirst = false;
			rows = rows.length > 0 ? await next() : [];
			if (rows.length === 0) controller.close();
		}
	});
	return new Response(body, {
		headers: {
			'content-type': 'text/csv; charset=utf-8; header=present',
			'content-disposition': `attachment; filename="${name}.csv"`
		}
	});
}
