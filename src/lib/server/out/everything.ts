import type { PoolClient } from 'pg';
import type { GroupId } from '$lib/server/base/group-id';
import { readers } from '$lib/server/db/pool';
import { many } from '$lib/server/db/verbs';

/** Tables of a group that go out, each with how its rows are asked for in portions. */
const tables = {
	places: { from: 'place', order: 'created_at, id', isLong: false },
	'bag-kinds': { from: 'bag_kind', order: 'created_at, id', isLong: false },
	plans: { from: 'plan', order: 'created_at, id', isLong: false },
	'drop-offs': { from: 'drop_off', order: 'id', isLong: true },
	sortings: { from: 'sorting', order: 'id', isLong: true },
	movements: { from: 'movement', order: 'id', isLong: true },
	'taken-back': { from: 'taken_back', order: 'id', isLong: true },
	measurements: { from: 'measurement', order: 'id', isLong: true },
	'timed-work': { from: 'timed_work', order: 'id', isLong: true }
} as const;
export type TableName = keyof typeof tables;
export const tableNames = Object.keys(tables) as TableName[];

export type Row = Readonly<Record<string, unknown>>;
const atOnce = 5000;

/** All rows of a table of a group, in portions, as one moment has them. */
export async function* rowsOf(
	client: PoolClient,
	groupId: GroupId,
	name: TableName
): AsyncGenerator<readonly Row[]> {
	const { from, order, isLong } = tables[name];
	const text = `select to_jsonb(t) - 'group_id' as row from ${from} t
		where t.group_id = $1 ${isLong ? `and t.id > $2 order by ${order} limit ${atOnce}` : `order by ${order}`}`;
	let after = 0;
	for (;;) {
		const found = await many<{ row: Row }>(text, isLong ? [groupId, after] : [groupId], client);
		if (found.length > 0) yield found.map(({ row }) => row);
		if (!isLong || found.length < atOnce) return;
		after = Number(found.at(-1)?.row.id);
	}
}

/** A connection that sees one moment of the database until it is let go. */
export async function openSnapshot(): Promise<{ client: PoolClient; close: () => Promise<void> }> {
	const client = await readers().connect();
	let isOpen = true;
	await client.query('begin isolation level repeatable read read only');
	return {
		client,
		async close() {
			if (!isOpen) return;
			isOpen = false;
			const broken = await client.query('rollback').then(
				() => undefined,
				(error: Error) => error
			);
			client.release(broken);
		}
	};
}
