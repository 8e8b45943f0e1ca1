import { takeEach } from '$lib/server/entries/take-each';
import { notTheirs } from '$lib/server/entries/not-theirs';
import { saveEntry } from '$lib/server/entries/take-entry';
import type { RequestHandler } from '@sveltejs/kit';

/** Keeps entries of the group's own devices. */
export const POST: RequestHandler = (event) =>
	takeEach(
		event,
		async (sent, reader) =>
			(await notTheirs(event.locals.role, event.locals.db, sent)) ??
			saveEntry(event.locals.db, sent, reader)
	);
