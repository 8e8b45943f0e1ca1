import pg from 'pg';
import { beforeAll, expect, it } from 'vitest';
import { useDatabase } from './database';
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
	[pg.types.builtins.JSONB, 'json']
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
}, 60_000);

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
}, 60_000);

const sorted = (columns: Readonly<Record<string, string>>) =>
	Object.fromEntries(Object.entries(columns).sort(([a], [b]) => (a < b ? -1 : 1)));
