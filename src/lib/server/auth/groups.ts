import { type Db, dbOf } from '../db/db';
import type { GroupId } from '../base/group-id';
import { keyFor } from '../db/part-key';
import { addMember } from './members';

/**
 * Makes a group, with the account that makes it as its coordinator.
 *
 * @param key made with the page, so that pressing twice makes one group
 */
export function makeGroup(name: string, accountId: string, key: string): Promise<GroupId> {
	const groupId = keyFor(key, `${accountId} ${name}`) as GroupId;
	return dbOf(groupId, accountId).transaction(async (db) => {
		await db.execute(
			'insert into volunteer_group (id, name) values ($1, $2) on conflict (id) do nothing',
			[groupId, name]
		);
		await addMember(db, accountId, 'coordinator');
		return groupId;
	});
}

/** Days in which a deleted group can be taken back. */
export const undoDays = 7;

/** Deletes a group: it is closed at once, and gone in a week. */
export const deleteGroup = (db: Db): Promise<number> =>
	db.execute('update volunteer_group set deleted_at = now() where id = $1 and deleted_at is null', [
		db.groupId
	]);

/** Takes a deleted group back; 0 where it is gone. */
export const restoreGroup = (db: Db): Promise<number> =>
	db.execute(
		'update volunteer_group set deleted_at = null where id = $1 and deleted_at is not null',
		[db.groupId]
	);
