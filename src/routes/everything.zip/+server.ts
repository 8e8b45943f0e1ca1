import { fileNameOf } from '$lib/ui/name';
import { archiveOf } from '$lib/server/out/archive';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from './$types';

/** Everything a group has kept in one archive: plans as files, lists as CSV, every table as CSV and JSON. */
export const GET: RequestHandler = async ({ locals, cookies }) => {
	const { name, today } = await readerOf({ locals, cookies });
	const { db, close } = await locals.db.snapshot();
	const bytes = archiveOf(db);
	const body = new ReadableStream<Uint8Array>({
		async pull(controller) {
			try {
				const { done, value } = await bytes.next();
				if (!done) return controller.enqueue(value);
				controller.close();
			} catch (error) {
				controller.error(error);
			}
			await close();
		},
		cancel: close
	});
	return new Response(body, {
		headers: {
			'content-type': 'application/zip',
			'content-disposition': `attachment; filename="${fileNameOf(`${name} ${today}`)}.zip"`
		}
	});
};
