import type { GroupId } from '$lib/server/base/group-id';
import { enter } from '$lib/server/book/entries';
import { moveBack } from '$lib/server/book/movements';
import { keyFor } from '$lib/server/db/part-key';
import { orRefusal } from './ledger';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { withTransaction } from '$lib/server/db/transaction';
import { execute, many, maybeOne } from '$lib/server/db/verbs';

/**
 * Takes a kept list back whole, by one entry: what it brought counts no more, and stays in the lists
 * with the reason. Rows that were taken back one by one stay as they are.
 */
export const takeListBack = (
	groupId: GroupId,
	id: string,
	note: string,
	byName: string | null
): Promise<SaveResult> =>
	orRefusal(
		withTransaction(async (client): Promise<SaveResult> => {
			const list = await maybeOne<{ takenBackAt: Date | null }>(
				`select taken_back_at as "takenBackAt" from list_import
				 where group_id = $1 and id = $2 and kept_at is not null for update`,
				[groupId, id],
				client
			);
			if (!list) return refuse('list', 'That list is not among the kept ones.');
			if (list.takenBackAt) return { outcome: 'duplicate', id };
			const { entryId } = await enter(groupId, {
				key: keyFor(id, 'taken back'),
				digest: '',
				type: 'correction',
				typed: { list: id },
				at: new Date(),
				device: null,
				sequence: null,
				linkId: null,
				byName,
				reason: 'correction',
				note
			});
			const rows = await many<{ id: number }>(
				`insert into taken_back (group_id, entry_id, by_entry_id)
				 select group_id, id, $3 from entry where group_id = $1 and list_import_id = $2
				 on conflict (group_id, entry_id) do nothing returning entry_id as id`,
				[groupId, id, entryId],
				client
			);
			await moveBack(
				client,
				groupId,
				rows.map((row) => row.id),
				entryId
			);
			await execute(
				'update list_import set taken_back_at = now() where group_id = $1 and id = $2',
				[groupId, id],
				client
			);
			return { outcome: 'kept', id };
		})
	);
