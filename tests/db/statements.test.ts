import pg from 'pg';
import { beforeAll, expect, it } from 'vitest';
import { partition } from '../../scripts/lib/migrate.mjs';
import { useDatabase } from './database';
import { partsTouched, remainderOf } from './plans';
import { newGroup } from './samples';
import type { Statement, ValueKind } from './statements';
import { readStatements } from './statements';

useDatabase();

/** The kind of value that each type of column arrives as. */
const arrivesAs = new Map<number, ValueKind>([
	[pg.types.builtins.INT2, 'number'],
	[pg.types.builtins.INT4, 'number'],
	[pg.types.builtins.INT8, 'number'],
	[pg.types.builtins.FLOAT8, 'number'],
	[pg.types.builtins.NUMERIC, 'number'],
	[pg.types.builtins.TEXT, 'string'],
	[pg.types.builtins.UUID, 'string'],
	[pg.types.builtins.BOOL, 'boolean'],
	[pg.types.builtins.TIMESTAMPTZ, 'Date'],
	[pg.types.builtins.JSON, 'json'],
	[pg.types.builtins.JSONB, 'json'],
	// Bytes come as a buffer.
	[pg.types.builtins.BYTEA, 'json']
]);

interface Described {
	readonly columns: Readonly<Record<string, ValueKind | `type ${number}`>>;
}

/** Has the server prepare a statement and say what it answers with, and never runs it. */
function describeStatement(client: pg.Client, sql: string): Promise<Described> {
	return new Promise((resolve, reject) => {
		let columns: Described['columns'] = {};
		client.query({
			submit(connection: pg.Connection) {
				connection.parse({ name: '', text: sql, types: [] }, true);
				connection.describe({ type: 'S', name: '' }, true);
				connection.sync();
			},
			handleRowDescription({ fields }: { fields: { name: string; dataTypeID: number }[] }) {
				columns = Object.fromEntries(
					fields.map(({ name, dataTypeID }) => [
						name,
						arrivesAs.get(dataTypeID) ?? (`type ${dataTypeID}` as const)
					])
				);
			},
			handleError: reject,
			handleReadyForQuery: () => resolve({ columns }),
			handleDataRow() {},
			handleCommandComplete() {},
			handleEmptyQuery() {}
		} as unknown as pg.Query);
	});
}

let statements: Statement[] = [];
beforeAll(() => {
	statements = readStatements();
});

it('every statement can be prepared, and its columns are those of the row it promises', async () => {
	expect(statements.length).toBeGreaterThan(95);
	expect(new Set(statements.map(({ at }) => at.split(':')[0])).size).toBeGreaterThan(20);
	// A connection of its own: the application's send what belongs together at once, and take no such query.
	const client = new pg.Client({ connectionString: process.env.DATABASE_URL });
	await client.connect();
	const wrong: unknown[] = [];
	for (const { at, sql, row } of statements) {
		try {
			const { columns } = await describeStatement(client, sql);
			if (row && JSON.stringify(sorted(columns)) !== JSON.stringify(sorted(row)))
				wrong.push({ at, columns: sorted(columns), row: sorted(row) });
		} catch (error) {
			wrong.push({ at, error: (error as Error).message });
		}
	}
	await client.end();
	expect(wrong).toEqual([]);
});

it('every statement asks one part of what is laid in parts, its own group’s', async () => {
	const groupId = await newGroup();
	await partition(process.env.DATABASE_URL ?? '');
	const client = new pg.Client({ connectionString: process.env.DATABASE_URL });
	await client.connect();
	const { rows } = await client.query<{ part: string }>(
		'select tableoid::regclass::text as part from bag_kind where group_id = $1 limit 1',
		[groupId.groupId]
	);
	const own = remainderOf(rows[0]?.part ?? '');
	await client.query('set plan_cache_mode = force_generic_plan');
	const wrong: unknown[] = [];
	let touching = 0;
	for (const { at, sql } of statements) {
		const parts = await partsTouched(client, sql, groupId.groupId);
		if (parts.length > 0) touching += 1;
		const others = parts.filter((part) => remainderOf(part) !== own);
		if (others.length > 0) wrong.push({ at, others: others.slice(0, 3) });
	}
	await client.end();
	expect(wrong).toEqual([]);
	expect(touching).toBeGreaterThan(150);
});

const sorted = (columns: Readonly<Record<string, string>>) =>
	Object.fromEntries(Object.entries(columns).sort(([a], [b]) => (a < b ? -1 : 1)));
