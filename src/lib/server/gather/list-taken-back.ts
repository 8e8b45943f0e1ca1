import { listTakenBack as say } from '$lib/words/gather';
import type { Db } from '$lib/server/db/db';
import { enter, enteredHere } from '$lib/server/book/entries';
import { moveBack } from '$lib/server/book/movements';
import { keyFor } from '$lib/server/db/part-key';
import { orRefusal } from './ledger';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';

/**
 * Takes a kept list back whole, by one entry: what it brought counts no more, and stays in the lists
 * with the reason. Rows that were taken back one by one stay as they are.
 */
export const takeListBack = (
	db: Db,
	id: string,
	note: string,
	byName: string | null
): Promise<SaveResult> =>
	orRefusal(
		db.transaction(async (db): Promise<SaveResult> => {
			const list = await db.maybeOne<{ takenBackAt: Date | null }>(
				`select taken_back_at as "takenBackAt" from list_import
				 where group_id = $1 and id = $2 and kept_at is not null for update`,
				[db.groupId, id]
			);
			if (!list) return refuse('list', say.thatListIsNotAmong());
			if (list.takenBackAt) return { outcome: 'duplicate', id };
			const { entryId } = await enter(db, {
				...enteredHere,
				key: keyFor(id, say.undone()),
				type: 'correction',
				typed: { list: id },
				at: new Date(),
				byName,
				reason: 'correction',
				note
			});
			const rows = await db.many<{ id: number }>(
				`insert into taken_back (group_id, entry_id, by_entry_id)
				 select group_id, id, $3 from entry where group_id = $1 and list_import_id = $2
				 on conflict (group_id, entry_id) do nothing returning entry_id as id`,
				[db.groupId, id, entryId]
			);
			await moveBack(
				db,
				rows.map((row) => row.id),
				entryId
			);
			await db.execute(
				'update list_import set taken_back_at = now() where group_id = $1 and id = $2',
				[db.groupId, id]
			);
			return { outcome: 'kept', id };
		})
	);
