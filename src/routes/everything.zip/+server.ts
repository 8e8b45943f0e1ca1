import { fileNameOf } from '$lib/ui/name';
import { archiveOf } from '$lib/server/out/archive';
import { whileReached } from '$lib/server/db/away';
import { openSnapshot } from '$lib/server/out/everything';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from './$types';

/** Everything a group has kept in one archive: plans as files, lists as CSV, every table as CSV and JSON. */
export const GET: RequestHandler = async ({ locals, cookies }) => {
	const { name, today } = await whileReached(readerOf({ locals, cookies }));
	const { client, close } = await whileReached(openSnapshot());
	const bytes = archiveOf(client, locals.groupId);
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
