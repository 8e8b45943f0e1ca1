import type { GroupId } from '$lib/server/base/group-id';
import { orRefusal } from './ledger';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { withTransaction } from '$lib/server/db/transaction';
import { execute, maybeOne } from '$lib/server/db/verbs';

/**
 * Takes a kept list back whole, in one act: what it brought counts no more, and stays in the lists
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
			await execute(
				`insert into taken_back (group_id, key, drop_off_id, note, by_name)
				 select group_id, gen_random_uuid(), id, $3, $4 from standing_drop_off
				 where group_id = $1 and list_import_id = $2 order by id`,
				[groupId, id, note, byName],
				client
			);
			await execute(
				`insert into movement (group_id, key, kind_id, colour, form, amount, reason, note, by_name,
					corrects)
				 select group_id, gen_random_uuid(), kind_id, colour, form, -amount, 'correction', $3, $4, id
				 from movement m where group_id = $1 and list_import_id = $2
					and not exists (select 1 from movement c where c.group_id = $1 and c.corrects = m.id)
				 order by id`,
				[groupId, id, note, byName],
				client
			);
			await execute(
				'update list_import set taken_back_at = now() where group_id = $1 and id = $2',
				[groupId, id],
				client
			);
			return { outcome: 'kept', id };
		})
	);
