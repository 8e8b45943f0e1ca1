import { AsyncLocalStorage } from 'node:async_hooks';
import type { PoolClient } from 'pg';
import type { GroupId } from '../base/group-id';

/** What goes into the book with the first change of some work, in the transaction of that change. */
export type Along = (client: PoolClient) => Promise<void>;

/** The group that the work at hand is for, the account that it is done by, and what goes with its first change. */
const ambient = new AsyncLocalStorage<{
	groupId: GroupId;
	accountId: string | null;
	along: Along | null;
	/** Until when a database that stood still is not waited for, by the clock of the process, ms. */
	stillUntil: number;
}>();

/**
 * Runs the work for one group: whatever it asks of the database sees rows of that group alone. Work
 * within may be for another group, and then sees that one's alone.
 *
 * @param accountId the account that the work is done by; null where no one is signed in
 * @param along is written once, with the first change; never where nothing changes
 */
export const inGroup = <Result>(
	groupId: GroupId,
	accountId: string | null,
	work: () => Result,
	along: Along | null = null
): Result => ambient.run({ groupId, accountId, along, stillUntil: 0 }, work);

/** So long work that met a database standing still asks it nothing more, ms: a page is answered by then. */
const noMoreMs = 5000;

/** Whether the database just stood still for this work: then it is not waited for once more. */
export const isStillAtHand = (): boolean =>
	(ambient.getStore()?.stillUntil ?? 0) > performance.now();

/** Says that the database stood still for the work at hand. */
export function markStill(): void {
	const store = ambient.getStore();
	if (store) store.stillUntil = performance.now() + noMoreMs;
}

/** Whether something is to be written with the first change. */
export const hasAlong = (): boolean => (ambient.getStore()?.along ?? null) !== null;

/** Takes what is to be written with the first change, so that nobody else does; undone where the change comes to nothing. */
export function takeAlong(): { readonly write: Along; readonly giveBack: () => void } | null {
	const store = ambient.getStore();
	const along = store?.along ?? null;
	if (!store || along === null) return null;
	store.along = null;
	return { write: along, giveBack: () => (store.along = along) };
}

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
