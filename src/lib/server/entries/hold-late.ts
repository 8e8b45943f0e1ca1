import { holdLate as msg } from '$lib/words/house';
import { type Db, dbOf } from '$lib/server/db/db';
import { closedLink, addressIn } from '$lib/server/book/links';
import { orAway } from '$lib/server/db/away';
import { refuse } from '$lib/server/db/save-result';
import type { RequestEvent } from '@sveltejs/kit';
import { takeEach } from './take-each';
import { notOfLink } from './link-entries';
import { saveHeldEntry, type EntryContext, type SentEntry } from './take-entry';

/** So many entries are held of one link: a phone left behind has fewer, and whoever means harm is stopped. */
const mostOfLink = 500;

/** Holds an entry as it came; false where its link has too many there. */
async function hold(db: Db, linkId: string, sent: SentEntry): Promise<boolean> {
	await db.execute(
		`insert into late_entry (group_id, key, link_id, sent) select $1, $2, $3, $4
		 where (select count(*) from late_entry where group_id = $1 and link_id = $3) < $5
		 on conflict (group_id, key) do nothing`,
		[db.groupId, sent.key, linkId, sent, mostOfLink]
	);
	const held = await db.many<{ key: string }>(
		'select key from late_entry where group_id = $1 and key = $2',
		[db.groupId, sent.key]
	);
	return held.length === 1;
}

/**
 * Holds what comes by a link that is closed by now, for a coordinator to say what becomes of it; null
 * where there was never such a link. What it could not have kept while it was open it does not leave here either.
 */
export async function holdLate(
	event: Pick<RequestEvent, 'request' | 'locals' | 'cookies' | 'url'>,
	grant: 'make' | 'station'
): Promise<Response | null> {
	const link = await orAway(closedLink(addressIn(event.url.pathname)));
	if (link?.grants !== grant) return null;
	const { groupId, linkId } = link;
	const db = dbOf(groupId);
	return takeEach(
		{ request: event.request, cookies: event.cookies, locals: { ...event.locals, db } },
		async (sent) =>
			(await notOfLink(db, link, sent)) ??
			((await hold(db, linkId, sent))
				? { outcome: 'held', id: sent.key }
				: refuse('entry', msg.tooMuchCameByThis()))
	);
}

/** An entry that came late, as a coordinator sees it. */
export interface LateEntry {
	readonly key: string;
	readonly type: string;
	readonly typed: Readonly<Record<string, string>>;
	readonly cameAt: Date;
	/** When it was typed, by the device's clock. */
	readonly at: string | null;
}

export const listLate = (db: Db): Promise<LateEntry[]> =>
	db.many<LateEntry>(
		`select key, sent ->> 'type' as type, sent -> 'typed' as typed, came_at as "cameAt", sent ->> 'at' as at
		 from late_entry where group_id = $1 and settled_at is null order by came_at, key limit 500`,
		[db.groupId]
	);

/**
 * Keeps an entry that came late, under its own key, or throws it away.
 *
 * @returns the sentence to say where it cannot be kept, '' where it is settled
 */
export async function settleLate(
	db: Db,
	key: string,
	isKept: boolean,
	context: EntryContext
): Promise<string> {
	const [late] = await db.many<{ sent: SentEntry; linkId: string }>(
		'select sent, link_id as "linkId" from late_entry where group_id = $1 and key = $2 and settled_at is null',
		[db.groupId, key]
	);
	if (!late) return msg.thatWasSettledAlready();
	if (isKept) {
		const saved = await saveHeldEntry(db, late.linkId, late.sent, context);
		if (saved.outcome === 'refused') return Object.values(saved.problems).join(' ');
	}
	await db.execute(
		`update late_entry set settled_at = now(), is_kept = $3
		 where group_id = $1 and key = $2 and settled_at is null`,
		[db.groupId, key, isKept]
	);
	return '';
}
