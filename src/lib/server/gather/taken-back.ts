import type { CorrectionEntry } from '$lib/entries/types/correction';
import type { PoolClient } from 'pg';
import type { GroupId } from '$lib/server/base/group-id';
import type { SaveResult } from '$lib/server/db/save-result';
import { keptUnder, refuse } from '$lib/server/db/save-result';
import type { Move } from './ledger';
import { append, refusalOf } from './ledger';
import { partKey } from '$lib/server/db/part-key';
import { storedParts } from './sortings';
import { withTransaction } from '$lib/server/db/transaction';
import { many, maybeOne, one } from '$lib/server/db/verbs';

export type TakenBackEntry = Pick<CorrectionEntry, 'corrects' | 'note' | 'byName'> & {
	readonly of: 'drop-off' | 'sorting';
};

/** The table that holds it. */
const tables = { 'drop-off': 'drop_off', sorting: 'sorting' } as const;

/** Takes what came in or was sorted back: it counts no more, what it put into the store leaves it, and it stays in the list with the reason. */
export async function takeBack(
	groupId: GroupId,
	key: string,
	entry: TakenBackEntry,
	at = new Date()
): Promise<SaveResult> {
	try {
		return await withTransaction((client) => takenBack(client, groupId, key, entry, at));
	} catch (error) {
		if (!refusalOf(error)) throw error;
		return refuse(
			'corrects',
			'Some of what it put into the store has gone out already. Take that movement back first.'
		);
	}
}

async function takenBack(
	client: PoolClient,
	groupId: GroupId,
	key: string,
	entry: TakenBackEntry,
	at: Date
): Promise<SaveResult> {
	const table = tables[entry.of];
	// Locked, so that it is taken back once.
	const row = await maybeOne<{ key: string }>(
		`select key from ${table} where group_id = $1 and id = $2 for update`,
		[groupId, entry.corrects],
		client
	);
	if (!row) return refuse('corrects', 'That is not in the list any more.');
	const again = await keptUnder('taken_back', groupId, key, client);
	if (again) return { outcome: 'duplicate', id: again.id };
	const standing = await maybeOne<{ id: number }>(
		`select id from standing_${table} where group_id = $1 and id = $2`,
		[groupId, entry.corrects],
		client
	);
	if (!standing) return refuse('corrects', 'That was taken back already.');
	if (entry.of === 'sorting') {
		const why = await undoSorting(client, groupId, key, row.key, entry, at);
		if (why) return why;
	}
	const kept = await one<{ id: number }>(
		`insert into taken_back (group_id, key, ${table}_id, note, by_name, taken_at)
		 values ($1, $2, $3, $4, $5, $6) returning id`,
		[groupId, key, entry.corrects, entry.note, entry.byName, at],
		client
	);
	return { outcome: 'kept', id: kept.id };
}

/** Takes out of the store what a sorting put there; what was taken back by hand stays so. */
async function undoSorting(
	client: PoolClient,
	groupId: GroupId,
	key: string,
	sortingKey: string,
	{ corrects, note, byName }: TakenBackEntry,
	at: Date
): Promise<SaveResult | null> {
	const since = await many<{ id: number }>(
		'select id from standing_sorting where group_id = $1 and dried_from = $2',
		[groupId, corrects],
		client
	);
	if (since.length > 0)
		return refuse('corrects', 'Bags of it that dried were sorted since. Take that back first.');
	const stored = await many<Pick<Move, 'kindId' | 'colour' | 'form' | 'amount'> & { id: number }>(
		`select m.id, m.kind_id as "kindId", m.colour, m.form, m.amount from movement m
		 where m.group_id = $1 and m.key = any($2::uuid[])
			and not exists (select 1 from movement c where c.group_id = $1 and c.corrects = m.id)
		 order by m.id`,
		[groupId, storedParts.map(({ part }) => partKey(sortingKey, part))],
		client
	);
	for (const [nth, { id, amount, ...line }] of stored.entries())
		await append(client, groupId, {
			...line,
			key: partKey(key, nth + 1),
			amount: -amount,
			reason: 'correction',
			note,
			byName,
			corrects: id,
			movedAt: at
		});
	return null;
}
