import type { Db } from '../db/db';
import type { LedgerReason } from '$lib/core/store/forms';
import { personOf } from './persons';

/** An entry of the book: what was typed under a key, when, on which device and by whom. */
export interface Entering {
	readonly key: string;
	/** Of what came under the key. */
	readonly digest: string;
	readonly type: string;
	/** What was typed, names of persons left out. */
	readonly typed: Readonly<Record<string, string>>;
	readonly at: Date;
	readonly device: string | null;
	readonly sequence: number | null;
	/** The link it came by; null where it came by none. */
	readonly linkId: string | null;
	readonly byName: string | null;
	/** Why it moves what it moves; null where it moves nothing. */
	readonly reason: LedgerReason | null;
	readonly note: string | null;
}

/** What is entered here by itself: it came from no device and by no link, and under its key there is nothing else. */
export const enteredHere = { digest: '', device: null, sequence: null, linkId: null } as const;

/** An entry as it stands in the book: by what follows from it. */
export interface Booked {
	readonly entryId: number;
	/** The idempotency key it was given on its device. */
	readonly key: string;
	/** When it was typed. */
	readonly at: Date;
	/** The device it was typed on; null where none is known. */
	readonly device: string | null;
	/** Whether whoever typed it said that an odd figure is right. */
	readonly isSure: boolean;
}

/** What came under a key before: the same, or something else. */
export type Met = 'same' | 'other';

/** How the key of an entry was met: it was `entered` under it now, or what stood there before. */
export interface Entered<How = Met | 'entered'> {
	readonly met: How;
	readonly entryId: number;
}

/** What came under a key before, or null. Entries of before the book have no digest: they are taken for the same. */
export async function metUnder(db: Db, key: string, digest: string): Promise<Entered<Met> | null> {
	const met = await db.writer.maybeOne<{ id: number; digest: string }>(
		'select id, digest from entry where group_id = $1 and key = $2',
		[db.groupId, key]
	);
	return met && { met: ['', digest].includes(met.digest) ? 'same' : 'other', entryId: met.id };
}

/**
 * Enters in the book what came under a key, in the transaction that keeps what follows from it: two
 * that come at once under one key wait for each other here, and the second finds the first.
 */
export async function enter(db: Db, entering: Entering): Promise<Entered> {
	const { key, digest, type, typed, at, device, sequence, linkId, byName, reason, note } = entering;
	const entered = await db.writer.maybeOne<{ id: number }>(
		`insert into entry (group_id, key, digest, type, typed, typed_at, device, sequence, person_id,
			reason, note, link_id, account_id)
		 values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13)
		 on conflict (group_id, key) do nothing returning id`,
		[
			db.groupId,
			key,
			digest,
			type,
			typed,
			at,
			device,
			sequence,
			await personOf(db, byName),
			reason,
			note,
			linkId,
			db.accountId
		]
	);
	if (entered) return { met: 'entered', entryId: entered.id };
	const met = await metUnder(db, key, digest);
	if (!met) throw new Error('a key is taken and nothing stands under it');
	return met;
}
