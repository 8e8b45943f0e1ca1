import { GatherListsIdKeepDoor as msg } from '$lib/words/gather';
import { awayMessage } from '$lib/server/db/away';
import { isDatabaseAway } from '$lib/server/db/pool';
import { keepList } from '$lib/server/gather/keep-list';
import { log } from '$lib/server/base/log';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from './$types';

/** Keeps a list and says how far it is, a line of JSON at a time; the last line says how it went. */
export const POST: RequestHandler = async ({ params, locals, cookies }) => {
	const { today } = await readerOf({ locals, cookies });
	const encoder = new TextEncoder();
	const body = new ReadableStream<Uint8Array>({
		async start(controller) {
			let isOpen = true;
			// Whoever asked may be gone; the list is kept all the same.
			const say = (line: unknown) => {
				try {
					if (isOpen) controller.enqueue(encoder.encode(`${JSON.stringify(line)}\n`));
				} catch {
					isOpen = false;
				}
			};
			try {
				say(await keepList(locals.db, params.id, today, (done, all) => say({ done, all })));
			} catch (problem) {
				const isAway = isDatabaseAway(problem);
				if (!isAway) log.error({ error: problem }, 'a list was not kept');
				say({
					outcome: 'refused',
					problems: [isAway ? awayMessage : msg.theListCouldNotBe()]
				});
			}
			try {
				controller.close();
			} catch {
				// Closed by the one who asked.
			}
		}
	});
	return new Response(body, {
		headers: { 'content-type': 'application/x-ndjson', 'cache-control': 'no-store' }
	});
};
