import { readEntry } from '$lib/entries/read-entry';
import { typedAt } from '$lib/entries/typed-at';
import type { Typed } from '$lib/entries/form-reader';
import type { LengthSystem } from '$lib/core/units/format-length';
import { todayIn } from '$lib/ui/days';
import { createHash } from 'node:crypto';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { keeperOf } from './keepers';
import { claimKey } from './entry-keys';
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

/**
 * Reads an entry and keeps it, whole or not at all. The same key with the same content counts once;
 * other content under a key that was used is refused, and said.
 */
export async function takeEntry(
	groupId: GroupId,
	sent: SentEntry,
	{ lengthSystem, timeZone }: EntryContext,
	now = new Date()
): Promise<SaveResult> {
	const { key, type, typed, lengths, at: said } = sent;
	try {
		return await withTransaction(async (): Promise<SaveResult> => {
			const met = await claimKey(groupId, key, digestOf(sent));
			if (met === 'same') return { outcome: 'duplicate', id: key };
			if (met === 'other')
				throw new Refused(
					refuse('key', 'Something else was kept under this mark already. Please type it anew.')
				);
			const read = { system: lengths ?? lengthSystem, today: todayIn(timeZone, now) };
			const { entry, problems } = readEntry(type, typed, read);
			if (!entry) throw new Refused({ outcome: 'refused', problems });
			const saved = await keeperOf(entry)(groupId, key, entry, typedAt(said, now));
			if (saved.outcome === 'refused') throw new Refused(saved);
			return saved;
		});
	} catch (problem) {
		if (problem instanceof Refused) return problem.saved;
		throw problem;
	}
}
