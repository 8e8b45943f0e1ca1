import { longest } from '$lib/entries/bounds';
import { nameFields } from '$lib/entries/entry-type';
import { readEntry } from '$lib/entries/read-entry';
import { replacedBy, replacesField, whyField, type Replaced } from '$lib/entries/replaces';
import { findCorrected } from '$lib/server/gather/taken-back';
import { keyFor } from '$lib/server/db/part-key';
import type { Entry } from '$lib/entries/registry';
import { entryTypeOf } from '$lib/entries/registry';
import { typedAt } from '$lib/entries/typed-at';
import type { Typed } from '$lib/entries/form-reader';
import type { LengthSystem } from '$lib/core/units/format-length';
import { readCode } from '$lib/core/code/code';
import { todayIn } from '$lib/ui/days';
import type { OpenedLink } from '$lib/server/book/links';
import { createHash } from 'node:crypto';
import type { Entering, Met } from '$lib/server/book/entries';
import { enter, metUnder } from '$lib/server/book/entries';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { keeperOf } from './keepers';
import { maybeOne } from '$lib/server/db/verbs';
import { withTransaction } from '$lib/server/db/transaction';
import type { GroupId } from '$lib/server/base/group-id';

/** An entry as a device sends it: what was typed, under a key made there. */
export interface SentEntry {
	readonly key: string;
	readonly type: string;
	readonly typed: Typed;
	/** The units of what is typed with none; the group's own if not said. */
	readonly lengths?: LengthSystem | undefined;
	/** When it was typed, by the device's clock. */
	readonly at?: string | undefined;
	/** The device, and the how-manieth entry of that device it is. */
	readonly device?: string | undefined;
	readonly sequence?: number | undefined;
}

/** What an entry is read by: the group's units where it says none, and the hall's zone. */
export interface EntryContext {
	readonly lengthSystem: LengthSystem;
	readonly timeZone: string;
}

/** Ends the transaction of an entry that is not kept. */
class Refused extends Error {
	constructor(readonly saved: SaveResult) {
		super('refused');
	}
}

const digestOf = ({ type, typed, lengths }: SentEntry): string => {
	const fields = Object.entries(typed)
		.filter(([, text]) => text.trim() !== '')
		.sort(([one], [other]) => (one < other ? -1 : 1));
	return createHash('sha256')
		.update(JSON.stringify([type, lengths ?? null, fields]))
		.digest('base64url');
};

/** What was typed, as the book keeps it: names stand with the persons alone. */
const withoutNames = (typed: Typed): Typed =>
	Object.fromEntries(
		Object.entries(typed).filter(([field, text]) => !nameFields.includes(field) && text !== '')
	);

/** What the same key held before is told; where it held something else, that is said. */
const metBefore = (key: string, met: Met): SaveResult =>
	met === 'same'
		? { outcome: 'duplicate', id: key }
		: refuse('key', 'Something else was kept under this mark already. Please type it anew.');

/**
 * Keeps an entry that was read, whole or not at all, and enters it in the book. The same key with
 * the same content counts once; other content under a key that was used is refused, and said.
 */
export async function bookEntry(
	groupId: GroupId,
	entry: Entry,
	entering: Pick<Entering, 'key' | 'digest' | 'typed' | 'at' | 'device' | 'sequence' | 'linkId'>
): Promise<SaveResult> {
	const { key, at } = entering;
	const facts = entryTypeOf(entry.type)?.facts?.(entry) ?? {};
	try {
		return await withTransaction(async (): Promise<SaveResult> => {
			const { met, entryId } = await enter(groupId, {
				...entering,
				type: entry.type,
				byName: facts.byName ?? null,
				reason: facts.reason ?? null,
				note: facts.note?.slice(0, longest['entry.note']) ?? null
			});
			if (met !== 'entered') throw new Refused(metBefore(key, met));
			const saved = await keeperOf(entry)(groupId, entry, {
				entryId,
				key,
				at,
				device: entering.device,
				isSure: entering.typed['sure'] === 'yes'
			});
			if (saved.outcome === 'refused') throw new Refused(saved);
			return saved;
		});
	} catch (problem) {
		if (problem instanceof Refused) return problem.saved;
		throw problem;
	}
}

/** Takes an entry back for one that stands in its place, under a key of the new one's own. */
const takeBackFor = (
	groupId: GroupId,
	sent: SentEntry,
	{ of, corrects }: Replaced,
	context: EntryContext,
	now: Date
): Promise<SaveResult> =>
	takeOne(
		groupId,
		{
			key: keyFor(sent.key, replacesField),
			type: 'correction',
			typed: { of, corrects, note: sent.typed[whyField] ?? '', edit: 'yes' },
			at: sent.at
		},
		context,
		null,
		now
	);

/**
 * Keeps an entry in the place of another, which is taken back with it: both or neither. It is of the moment of the
 * one before. Where that cannot go first, since others rest on it, the new one is kept first.
 */
async function edit(
	groupId: GroupId,
	sent: SentEntry,
	replaced: Replaced,
	context: EntryContext,
	now: Date
): Promise<SaveResult> {
	const before = await findCorrected(groupId, replaced.of, replaced.corrects);
	if (before?.type !== sent.type)
		return refuse('entry', 'What is edited is not in the book any more. Type it as a new one.');
	const own = { ...sent, at: before.typedAt.toISOString() };
	const back = () => takeBackFor(groupId, sent, replaced, context, now);
	const keep = () => takeOne(groupId, own, context, null, now);
	const inTurn = async (acts: readonly (typeof back)[]): Promise<SaveResult[]> => {
		try {
			return await withTransaction(async () => {
				const saved: SaveResult[] = [];
				for (const act of acts) {
					saved.push(await act());
					if (saved.at(-1)?.outcome === 'refused') throw new Refused(saved.at(-1) as SaveResult);
				}
				return saved;
			});
		} catch (problem) {
			if (problem instanceof Refused) return [problem.saved];
			throw problem;
		}
	};
	const [gone, kept] = await inTurn([back, keep]);
	if (kept) return kept;
	const [first, after] = await inTurn([keep, back]);
	if (after && first) return first;
	const why = gone?.outcome === 'refused' && 'corrects' in gone.problems ? gone : first;
	return why?.outcome === 'refused' && 'corrects' in why.problems
		? refuse('entry', why.problems['corrects'] ?? '')
		: (gone ?? refuse('entry', 'It could not be edited.'));
}

/** Reads an entry as its device sent it, and keeps it; one that was edited in the place of what it was. */
function take(
	groupId: GroupId,
	sent: SentEntry,
	context: EntryContext,
	linkId: string | null,
	now: Date
): Promise<SaveResult> {
	if (!sent.typed[replacesField]) return takeOne(groupId, sent, context, linkId, now);
	const replaced = replacedBy(sent.typed);
	return replaced && linkId === null
		? edit(groupId, sent, replaced, context, now)
		: Promise.resolve(refuse('entry', 'What is edited could not be read.'));
}

/** Reads an entry as its device sent it, and keeps it. */
async function takeOne(
	groupId: GroupId,
	sent: SentEntry,
	{ lengthSystem, timeZone }: EntryContext,
	linkId: string | null,
	now: Date
): Promise<SaveResult> {
	const { key, type, typed, lengths } = sent;
	const digest = digestOf(sent);
	const read = { system: lengths ?? lengthSystem, today: todayIn(timeZone, now) };
	const { entry, problems, typed: booked } = readEntry(type, typed, read);
	if (!entry) {
		// What was kept and cannot be read any more is kept all the same.
		const before = await metUnder(groupId, key, digest);
		return before ? metBefore(key, before.met) : { outcome: 'refused', problems };
	}
	return bookEntry(groupId, entry, {
		key,
		digest,
		typed: withoutNames(booked),
		at: typedAt(sent.at, now),
		device: sent.device ?? null,
		sequence: sent.sequence ?? null,
		linkId
	});
}

/** Keeps an entry of a device of the group's own. */
export const takeEntry = (
	groupId: GroupId,
	sent: SentEntry,
	context: EntryContext,
	now = new Date()
): Promise<SaveResult> => take(groupId, sent, context, null, now);

/** Keeps an entry that was held, as what it is: it came by a link. */
export const takeHeldEntry = (
	groupId: GroupId,
	linkId: string,
	sent: SentEntry,
	context: EntryContext,
	now = new Date()
): Promise<SaveResult> => take(groupId, sent, context, linkId, now);

/** What a maker's link keeps: rows, notes and wishes. */
const makersEntries = ['row', 'rows', 'note', 'wish'] as const;

type MakersLink = Extract<OpenedLink, { grants: 'make' }>;
type StationLink = Extract<OpenedLink, { grants: 'station' }>;

/** Why an entry is none of a maker's link: it is of its own mat alone. Null where it is one. */
function notOfMaker({ mat }: MakersLink, sent: SentEntry): SaveResult | null {
	if (!(makersEntries as readonly string[]).includes(sent.type))
		return refuse('entry', 'This link keeps the rows, notes and wishes of its mat, nothing else.');
	const meant = readCode((sent.typed['mat'] ?? '').slice(0, 20));
	return meant.problem !== undefined || meant.code !== mat
		? refuse('mat', 'This link opens another mat. Ask whoever gave it to you.')
		: null;
}

/** What a station's link keeps: its taps, who comes and goes there, its scrap, and the taking back of these. */
const stationEntries = ['tap', 'presence', 'scrap', 'correction'] as const;

/** Whether what is taken back was tapped at this station on this day; it may have come late by the link itself. */
const isOfStation = async (
	{ groupId, linkId, dayId, station }: StationLink,
	corrects: string
): Promise<boolean> =>
	(await maybeOne<{ id: number }>(
		`select id from entry where group_id = $1 and (id::text = $2 or key::text = $2)
		 and type in ('tap', 'scrap') and typed ->> 'day' = $3
		 and coalesce(typed ->> 'station', $4) = $4`,
		[groupId, corrects, dayId, station]
	)) !== null ||
	(await maybeOne<{ key: string }>(
		`select key from late_entry where group_id = $1 and link_id = $2 and key::text = $3
		 and sent ->> 'type' in ('tap', 'scrap')`,
		[groupId, linkId, corrects]
	)) !== null;

/** Why an entry is none of a station's link: it is of its own day and station alone. Null where it is one. */
async function notOfStation(
	link: StationLink,
	{ type, typed }: SentEntry
): Promise<SaveResult | null> {
	const { dayId, station } = link;
	if (!(stationEntries as readonly string[]).includes(type))
		return refuse('entry', 'This link keeps the taps of its station, nothing else.');
	const isOwn =
		type === 'correction'
			? await isOfStation(link, typed['corrects'] ?? '')
			: typed['day'] === dayId && (typed['station'] ?? station) === station;
	return isOwn
		? null
		: refuse('entry', 'This link opens another station. Ask whoever gave it to you.');
}

/** Why an entry could not have come by a link, were it open; null where it could. */
export const notOfLink = async (
	link: MakersLink | StationLink,
	sent: SentEntry
): Promise<SaveResult | null> =>
	link.grants === 'make' ? notOfMaker(link, sent) : notOfStation(link, sent);

/** Keeps an entry that came by a maker's or a station's link: of its own mat, or its own day and station, and of nothing else. */
export const takeLinkEntry = async (
	link: MakersLink | StationLink,
	sent: SentEntry,
	context: EntryContext,
	now = new Date()
): Promise<SaveResult> =>
	(await notOfLink(link, sent)) ?? take(link.groupId, sent, context, link.linkId, now);
