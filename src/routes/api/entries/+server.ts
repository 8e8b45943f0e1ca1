import { takeEach } from '$lib/server/entries/take-each';
import { takeEntry } from '$lib/server/entries/take-entry';
import type { RequestHandler } from '@sveltejs/kit';

/** Keeps entries of the group's own devices. */
export const POST: RequestHandler = (event) =>
	takeEach(event, (sent, reader) => takeEntry(event.locals.groupId, sent, reader));
