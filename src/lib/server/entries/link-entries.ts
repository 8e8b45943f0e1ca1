import { linkEntries as say } from '$lib/words/house';
import { readCode } from '$lib/core/code/code';
import type { OpenedLink } from '$lib/server/book/links';
import type { Db } from '$lib/server/db/db';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { saveHeldEntry, type EntryContext, type SentEntry } from './take-entry';

/** What a maker's link keeps: rows, notes and wishes. */
const makersEntries = ['row', 'rows', 'note', 'wish'] as const;

type MakersLink = Extract<OpenedLink, { grants: 'make' }>;
type StationLink = Extract<OpenedLink, { grants: 'station' }>;

/** Why an entry is none of a maker's link: it is of its own mat alone. Null where it is one. */
function notOfMaker({ mat }: MakersLink, sent: SentEntry): SaveResult | null {
	if (!(makersEntries as readonly string[]).includes(sent.type))
		return refuse('entry', say.thisLinkKeepsTheRows());
	const meant = readCode((sent.typed['mat'] ?? '').slice(0, 20));
	return meant.problem !== undefined || meant.code !== mat
		? refuse('mat', say.thisLinkOpensAnotherMat())
		: null;
}

/** What a station's link keeps: its taps, who comes and goes there, its scrap, and the taking back of these. */
const stationEntries = ['tap', 'presence', 'scrap', 'correction'] as const;

/** Whether what is taken back was tapped at this station on this day; it may have come late by the link itself. */
const isOfStation = async (
	db: Db,
	{ linkId, dayId, station }: StationLink,
	corrects: string
): Promise<boolean> =>
	(await db.maybeOne<{ id: number }>(
		`select id from entry where group_id = $1 and (id::text = $2 or key::text = $2)
		 and type in ('tap', 'scrap') and typed ->> 'day' = $3
		 and coalesce(typed ->> 'station', $4) = $4`,
		[db.groupId, corrects, dayId, station]
	)) !== null ||
	(await db.maybeOne<{ key: string }>(
		`select key from late_entry where group_id = $1 and link_id = $2 and key::text = $3
		 and sent ->> 'type' in ('tap', 'scrap')`,
		[db.groupId, linkId, corrects]
	)) !== null;

/** Why an entry is none of a station's link: it is of its own day and station alone. Null where it is one. */
async function notOfStation(
	db: Db,
	link: StationLink,
	{ type, typed }: SentEntry
): Promise<SaveResult | null> {
	const { dayId, station } = link;
	if (!(stationEntries as readonly string[]).includes(type))
		return refuse('entry', say.thisLinkKeepsTheTaps());
	const isOwn =
		type === 'correction'
			? await isOfStation(db, link, typed['corrects'] ?? '')
			: typed['day'] === dayId && (typed['station'] ?? station) === station;
	return isOwn ? null : refuse('entry', say.thisLinkOpensAnotherStation());
}

/** Why an entry could not have come by a link, were it open; null where it could. */
export const notOfLink = async (
	db: Db,
	link: MakersLink | StationLink,
	sent: SentEntry
): Promise<SaveResult | null> =>
	link.grants === 'make' ? notOfMaker(link, sent) : notOfStation(db, link, sent);

/** Keeps an entry that came by a maker's or a station's link: of its own mat, or its own day and station, and of nothing else. */
export const saveLinkEntry = async (
	db: Db,
	link: MakersLink | StationLink,
	sent: SentEntry,
	context: EntryContext,
	now = new Date()
): Promise<SaveResult> =>
	(await notOfLink(db, link, sent)) ?? saveHeldEntry(db, link.linkId, sent, context, now);
