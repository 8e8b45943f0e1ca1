import { takeEntry as say } from '$lib/words/house';
import { type Db } from '$lib/server/db/db';
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
import { todayIn } from '$lib/ui/days';
import { createHash } from 'node:crypto';
import type { Entering, Met } from '$lib/server/book/entries';
import { enter, metUnder } from '$lib/server/book/entries';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { keeperOf } from './keepers';

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
	met === 'same' ? { outcome: 'duplicate', id: key } : refuse('key', say.thisWasAlreadySavedWith());

/**
 * Keeps an entry that was read, whole or not at all, and enters it in the book. The same key with
 * the same content counts once; other content under a key that was used is refused, and said.
 */
export async function bookEntry(
	db: Db,
	entry: Entry,
	entering: Pick<Entering, 'key' | 'digest' | 'typed' | 'at' | 'device' | 'sequence' | 'linkId'>
): Promise<SaveResult> {
	const { key, at } = entering;
	const facts = entryTypeOf(entry.type)?.facts?.(entry) ?? {};
	try {
		return await db.transaction(async (db): Promise<SaveResult> => {
			const { met, entryId } = await enter(db, {
				...entering,
				type: entry.type,
				byName: facts.byName ?? null,
				reason: facts.reason ?? null,
				note: facts.note?.slice(0, longest['entry.note']) ?? null
			});
			if (met !== 'entered') throw new Refused(metBefore(key, met));
			const saved = await keeperOf(entry)(db, entry, {
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
	db: Db,
	sent: SentEntry,
	{ of, corrects }: Replaced,
	context: EntryContext,
	now: Date
): Promise<SaveResult> =>
	takeOne(
		db,
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
	db: Db,
	sent: SentEntry,
	replaced: Replaced,
	context: EntryContext,
	now: Date
): Promise<SaveResult> {
	const before = await findCorrected(db, replaced.of, replaced.corrects);
	if (before?.type !== sent.type) return refuse('entry', say.whatIsEditedIsNot());
	const own = { ...sent, at: before.typedAt.toISOString() };
	const back = (db: Db) => takeBackFor(db, sent, replaced, context, now);
	const keep = (db: Db) => takeOne(db, own, context, null, now);
	const inTurn = async (acts: readonly (typeof back)[]): Promise<SaveResult[]> => {
		try {
			return await db.transaction(async (db) => {
				const saved: SaveResult[] = [];
				for (const act of acts) {
					saved.push(await act(db));
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
		: (gone ?? refuse('entry', say.itCouldNotBeEdited()));
}

/** Reads an entry as its device sent it, and keeps it; one that was edited in the place of what it was. */
function take(
	db: Db,
	sent: SentEntry,
	context: EntryContext,
	linkId: string | null,
	now: Date
): Promise<SaveResult> {
	if (!sent.typed[replacesField]) return takeOne(db, sent, context, linkId, now);
	const replaced = replacedBy(sent.typed);
	return replaced && linkId === null
		? edit(db, sent, replaced, context, now)
		: Promise.resolve(refuse('entry', say.whatIsEditedCouldNot()));
}

/** Reads an entry as its device sent it, and keeps it. */
async function takeOne(
	db: Db,
	sent: SentEntry,
	{ lengthSystem, timeZone }: EntryContext,
	linkId: string | null,
	now: Date
): Promise<SaveResult> {
	const { key, type, typed, lengths } = sent;
	const digest = digestOf(sent);
	const at = typedAt(sent.at, now);
	const read = {
		system: lengths ?? lengthSystem,
		today: todayIn(timeZone, now),
		typedOn: todayIn(timeZone, at)
	};
	const { entry, problems, typed: booked } = readEntry(type, typed, read);
	if (!entry) {
		// What was kept and cannot be read any more is kept all the same.
		const before = await metUnder(db, key, digest);
		return before ? metBefore(key, before.met) : { outcome: 'refused', problems };
	}
	return bookEntry(db, entry, {
		key,
		digest,
		typed: withoutNames(booked),
		at,
		device: sent.device ?? null,
		sequence: sent.sequence ?? null,
		linkId
	});
}

/** Keeps an entry of a device of the group's own. */
export const saveEntry = (
	db: Db,
	sent: SentEntry,
	context: EntryContext,
	now = new Date()
): Promise<SaveResult> => take(db, sent, context, null, now);

/** Keeps an entry that was held, as what it is: it came by a link. */
export const saveHeldEntry = (
	db: Db,
	linkId: string,
	sent: SentEntry,
	context: EntryContext,
	now = new Date()
): Promise<SaveResult> => take(db, sent, context, linkId, now);
