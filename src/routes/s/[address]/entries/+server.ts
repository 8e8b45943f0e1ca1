import { SAddressEntriesDoor as say } from '$lib/words/house';
import { holdLate } from '$lib/server/entries/hold-late';
import { takeEach } from '$lib/server/entries/take-each';
import { saveLinkEntry } from '$lib/server/entries/link-entries';
import { json, type RequestHandler } from '@sveltejs/kit';

/** Taps of the link's own station and day; what comes once it is closed is held for a coordinator. */
export const POST: RequestHandler = async (event) => {
	const { link, db } = event.locals;
	if (link?.grants === 'station')
		return takeEach(event, (sent, reader) => saveLinkEntry(db, link, sent, reader));
	return (
		(await holdLate(event, 'station')) ??
		json({ problems: [say.thisLinkDoesNotWork()] }, { status: 403 })
	);
};
