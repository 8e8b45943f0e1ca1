import type { Db } from '$lib/server/db/db';

/** A file of the archive, in the order its parts come. */
export interface Part {
	readonly file: string;
	readonly text: string;
}

/** What the file of a whole group is called, and how it is written. */
export const wholeGroupFile = 'whole/group.jsonl';
export const wholeGroupFormat = 'nest-row-group';
const atOnce = 2000;

/** Who is in a group belongs to the house it is in, and does not go out with it. */
const stayHere = ['member', 'account_group'];

interface Column {
	readonly table: string;
	readonly column: string;
	readonly type: string;
}

/** Every table of groups with its columns, as the catalogue has them: what a later version adds goes out by itself. */
async function columnsOf(db: Db): Promise<Map<string, Column[]>> {
	const columns = await db.many<Column>(
		`select c.relname::text as table, a.attname::text as column, format_type(a.atttypid, a.atttypmod) as type
		 from pg_class c join pg_attribute a on a.attrelid = c.oid and a.attnum > 0 and not a.attisdropped
		 where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p') and a.attgenerated = ''
			and exists (select 1 from pg_attribute g where g.attrelid = c.oid and g.attname = 'group_id')
		 order by 1, a.attnum`,
		[]
	);
	const tables = new Map<string, Column[]>();
	for (const row of columns)
		if (!stayHere.includes(row.table))
			tables.set(row.table, [...(tables.get(row.table) ?? []), row]);
	return tables;
}

/**
 * A group whole, to be brought in elsewhere: a line that says what it is, then lines of rows, table by
 * table, and a last line that says how many there are. Beside it a file that says what each column is.
 */
export async function* wholeGroupParts(db: Db): AsyncGenerator<Part> {
	const tables = await columnsOf(db);
	const types = Object.fromEntries(
		[...tables].map(([table, columns]) => [
			table,
			Object.fromEntries(columns.map(({ column, type }) => [column, type]))
		])
	);
	yield { file: 'whole/columns.json', text: `${JSON.stringify(types, null, '\t')}\n` };
	const head = await db.maybeOne<{ group: object; migration: number }>(
		`select to_jsonb(g) as group, (select max(number) from schema_migration) as migration
		 from volunteer_group g where g.id = $1`,
		[db.groupId]
	);
	const line = (value: unknown): Part => ({
		file: wholeGroupFile,
		text: `${JSON.stringify(value)}\n`
	});
	yield line({ format: wholeGroupFormat, version: 1, ...head });
	let count = 0;
	for (const table of tables.keys()) {
		// Names of the catalogue's own, and nothing that was typed.
		const name = `public."${table.replaceAll('"', '""')}"`;
		const rows = db.inPortions<{ row: unknown }>(
			`select to_jsonb(t) as row from ${name} t
			 where t.group_id = '${db.groupId}' order by to_jsonb(t)::text`,
			atOnce
		);
		for await (const portion of rows) {
			yield line({ table, rows: portion.map(({ row }) => row) });
			count += portion.length;
		}
	}
	yield line({ end: count });
}
