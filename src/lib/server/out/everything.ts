import type { PoolClient } from 'pg';
import type { GroupId } from '$lib/server/base/group-id';
import { readers } from '$lib/server/db/pool';
import { many } from '$lib/server/db/verbs';

/** What goes out of a group whole, few rows of each; and what goes out in portions. */
const shortTables = { places: 'place', 'bag-kinds': 'bag_kind', plans: 'plan' } as const;
const longTables = {
	'drop-offs': 'drop_off',
	sortings: 'sorting',
	movements: 'movement',
	'taken-back': 'taken_back',
	measurements: 'measurement',
	'timed-work': 'timed_work'
} as const;
type ShortName = keyof typeof shortTables;
type LongName = keyof typeof longTables;
export type TableName = ShortName | LongName;
const isLong = (name: TableName): name is LongName => Object.hasOwn(longTables, name);
export const tableNames = Object.keys({ ...shortTables, ...longTables }) as TableName[];

export type Row = Readonly<Record<string, unknown>>;
const atOnce = 5000;

const portionAfter = (client: PoolClient, groupId: GroupId, name: LongName, after: number) =>
	many<{ row: Row }>(
		`select to_jsonb(t) - 'group_id' as row from ${longTables[name]} t
		 where t.group_id = $1 and t.id > $2 order by t.id limit $3`,
		[groupId, after, atOnce],
		client
	);
const wholeTable = (client: PoolClient, groupId: GroupId, name: ShortName) =>
	many<{ row: Row }>(
		`select to_jsonb(t) - 'group_id' as row from ${shortTables[name]} t
		 where t.group_id = $1 order by t.created_at, t.id`,
		[groupId],
		client
	);

/** All rows of a table of a group, in portions, as one moment has them. */
export async function* rowsOf(
	client: PoolClient,
	groupId: GroupId,
	name: TableName
): AsyncGenerator<readonly Row[]> {
	if (!isLong(name)) {
		const rows = await wholeTable(client, groupId, name);
		if (rows.length > 0) yield rows.map(({ row }) => row);
		return;
	}
	let found;
	for (let after = 0; ; after = Number(found.at(-1)?.row.id)) {
		found = await portionAfter(client, groupId, name, after);
		if (found.length > 0) yield found.map(({ row }) => row);
		if (found.length < atOnce) return;
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
