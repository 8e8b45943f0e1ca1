import type { GroupId } from '$lib/server/base/group-id';
import { execute, one } from '$lib/server/db/verbs';

/** How a key was met: `new` it is claimed by whoever asks; else what came under it before. */
export type KeyMet = 'new' | 'same' | 'other';

/**
 * Claims the key of an entry, in the transaction that keeps the entry: two that come at once under
 * one key wait for each other here, and the second finds what the first has kept.
 */
export async function claimKey(groupId: GroupId, key: string, digest: string): Promise<KeyMet> {
	const claimed = await execute(
		`insert into entry_key (group_id, key, digest) values ($1, $2, $3)
		 on conflict (group_id, key) do nothing`,
		[groupId, key, digest]
	);
	if (claimed === 1) return 'new';
	const met = await one<{ digest: string }>(
		'select digest from entry_key where group_id = $1 and key = $2',
		[groupId, key]
	);
	return met.digest === digest ? 'same' : 'other';
}
