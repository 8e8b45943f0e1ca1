import type { KeyedTable } from './tables';
import { tableName } from './tables';
import { maybeOne } from './verbs';
import type { GroupId } from '$lib/server/base/group-id';
import type { PoolClient } from 'pg';

/** How an entry went. `duplicate`: the same idempotency key was there already, and it counts once. */
export type SaveResult =
	| { readonly outcome: 'kept' | 'duplicate'; readonly id: number | string }
	| { readonly outcome: 'refused'; readonly problems: Readonly<Record<string, string>> };

/** An entry that is not kept, with the sentence for its field. */
export const refuse = (field: string, sentence: string): SaveResult => ({
	outcome: 'refused',
	problems: { [field]: sentence }
});

/** What was kept under a key, or null: that is how a resend is known. */
export const keptUnder = (table: KeyedTable, groupId: GroupId, key: string, client?: PoolClient) =>
	maybeOne<{ id: number }>(
		`select id from ${tableName(table)} where group_id = $1 and key = $2`,
		[groupId, key],
		client
	);

/** The answer to an insert that leaves a key alone which is there already. */
export const saveResultOf = async (
	kept: { readonly id: number } | null,
	table: KeyedTable,
	groupId: GroupId,
	key: string,
	client?: PoolClient
): Promise<SaveResult> =>
	kept
		? { outcome: 'kept', id: kept.id }
		: { outcome: 'duplicate', id: (await keptUnder(table, groupId, key, client))?.id ?? 0 };
