import type { GroupId } from '$lib/server/base/group-id';
import { maybeOne } from '$lib/server/db/verbs';

/** The number of the block of codes that was reserved under a key; null where none was. */
export const blockUnderKey = async (groupId: GroupId, key: string): Promise<number | null> =>
	(
		await maybeOne<{ id: number }>('select id from code_block where group_id = $1 and key = $2', [
			groupId,
			key
		])
	)?.id ?? null;
