import { AsyncLocalStorage } from 'node:async_hooks';
import type { GroupId } from '../base/group-id';

/** The group that the work at hand is for, and the account that it is done by. */
const ambient = new AsyncLocalStorage<{ groupId: GroupId; accountId: string | null }>();

/**
 * Runs the work for one group: whatever it asks of the database sees rows of that group alone. Work
 * within may be for another group, and then sees that one's alone.
 *
 * @param accountId the account that the work is done by; null where no one is signed in
 */
export const inGroup = <Result>(
	groupId: GroupId,
	accountId: string | null,
	work: () => Result
): Result => ambient.run({ groupId, accountId }, work);

/** The account that the work at hand is done by; null where no one is signed in. */
export const accountAtHand = (): string | null => ambient.getStore()?.accountId ?? null;

/** The group of the work at hand; undefined outside of any, and there the database shows no rows of groups. */
export const groupAtHand = (): GroupId | undefined =>
	// To measure what the walls cost. Where there are walls, who says no group sees nothing.
	process.env.NEST_ROW_NO_WALLS === 'yes' ? undefined : ambient.getStore()?.groupId;

/** Begins a transaction that is for the group at hand, in one message. @throws RangeError for what is no group's id */
export function beginning(isolation = ''): string {
	const group = groupAtHand();
	if (group === undefined) return `begin ${isolation}`;
	if (!/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/.test(group))
		throw new RangeError('that is the id of no group');
	return `begin ${isolation}; set local nest_row.group_id = '${group}'`;
}
