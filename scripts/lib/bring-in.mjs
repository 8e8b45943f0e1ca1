// A group that went out as an archive comes in again, whole or not at all: every row as it was.
import { unzipSync } from 'fflate';
import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { Stop } from './say.mjs';

const wholeGroupFile = 'whole/group.jsonl';
/** The file of one group of one house; a house's own rights stay there. */
const format = 'nest-row-group';

/** @typedef {{ format: string, version: number, migration: number, group: Record<string, unknown> & { id: string, name: string } }} Head */

/** What an archive has of its group, looked at whole before anything is done. @param {Uint8Array} bytes */
export function readArchive(bytes) {
	/** @type {Record<string, Uint8Array>} */
	let files;
	try {
		files = unzipSync(bytes, { filter: ({ name }) => name === wholeGroupFile });
	} catch {
		throw new Stop('This is no archive of a group, or it is not whole.');
	}
	const file = files[wholeGroupFile];
	if (!file) throw new Stop('This archive has no group that could be brought in.');
	/** @type {unknown[]} */
	let lines;
	try {
		lines = new TextDecoder('utf-8', { fatal: true })
			.decode(file)
			.split('\n')
			.filter(Boolean)
			.map((line) => /** @type {unknown} */ (JSON.parse(line)));
	} catch {
		throw new Stop('The group in this archive cannot be read: it is cut off or was changed.');
	}
	const head = /** @type {Head} */ (lines[0] ?? {});
	const tables = /** @type {{ table: string, rows: Record<string, unknown>[] }[]} */ (
		lines.slice(1, -1)
	);
	const { end } = /** @type {{ end?: number }} */ (lines.at(-1) ?? {});
	if (head.format !== format || head.version !== 1)
		throw new Stop('The group in this archive was written in a way that is not known here.');
	const count = tables.reduce((sum, { rows }) => sum + (rows?.length ?? 0), 0);
	if (end !== count) throw new Stop('The group in this archive is cut off.');
	return { head, tables, count };
}

/** @param {pg.Client} client */
async function foreignKeys(client) {
	const { rows } = await client.query(
		`select conrelid::regclass::text as table, quote_ident(conname) as name from pg_constraint
		 where contype = 'f' and connamespace = 'public'::regnamespace and conparentid = 0`
	);
	return /** @type {{ table: string, name: string }[]} */ (rows);
}

/** The id the group has here: its own, where no other has it or only one that is empty. @param {pg.Client} client @param {string} id */
async function idHere(client, id) {
	const { rowCount } = await client.query('select 1 from volunteer_group where id = $1', [id]);
	if (!rowCount) return id;
	const { rows } = await client.query(
		`select exists (select 1 from entry where group_id = $1) or exists (select 1 from plan where group_id = $1)
			or exists (select 1 from person where group_id = $1) as "isUsed"`,
		[id]
	);
	if (rows[0].isUsed) return randomUUID();
	await client.query('delete from volunteer_group where id = $1', [id]);
	return id;
}

/**
 * Brings a group in, as the owner of the database. Whoever works meanwhile waits for it.
 *
 * @param {string} ownerUrl
 * @param {Uint8Array} bytes of the archive
 * @param {string | null} email of the account that coordinates it here, where people sign in
 * @returns {Promise<{ id: string, name: string, count: number }>}
 */
export async function bringIn(ownerUrl, bytes, email) {
	const { head, tables, count } = readArchive(bytes);
	const client = new pg.Client({ connectionString: ownerUrl });
	await client.connect();
	try {
		await client.query('begin');
		const { rows: newest } = await client.query(
			'select max(number) as migration from schema_migration'
		);
		if (newest[0].migration !== head.migration)
			throw new Stop(
				`The archive was made by ${head.migration > newest[0].migration ? 'a newer' : 'an older'} Nest Row (${head.migration}, here ${newest[0].migration}): bring both to one version first.`
			);
		const { rows: accounts } = email
			? await client.query('select id from account where email = $1', [email.toLowerCase()])
			: { rows: [] };
		if (email && accounts.length === 0) throw new Stop(`Nobody signs in as ${email} here.`);
		const id = await idHere(client, head.group.id);
		const known = new Set(
			(
				await client.query(
					`select c.relname from pg_class c join pg_attribute a on a.attrelid = c.oid and a.attname = 'group_id'
					 where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p')
						and c.relname not in ('member', 'account_group')`
				)
			).rows.map(({ relname }) => String(relname))
		);
		// Rows refer to one another in circles: they are looked at once all are there.
		const keys = await foreignKeys(client);
		for (const { table, name } of keys)
			await client.query(
				`alter table ${table} alter constraint ${name} deferrable initially deferred`
			);
		const names = [...known].map((name) => client.escapeIdentifier(name));
		for (const name of [...names, 'volunteer_group'])
			await client.query(`alter table ${name} disable trigger user`);
		await client.query(
			'insert into volunteer_group select * from jsonb_populate_record(null::volunteer_group, $1)',
			[JSON.stringify({ ...head.group, id, deleted_at: null })]
		);
		for (const { table, rows } of tables) {
			if (!known.has(table))
				throw new Stop(`The archive has rows of ${table}, which is not known here.`);
			// With its schema: a table may be called as a type of PostgreSQL's own is.
			const name = `public.${client.escapeIdentifier(table)}`;
			const { rows: columns } = await client.query(
				`select string_agg(quote_ident(attname), ', ' order by attnum) as all from pg_attribute
				 where attrelid = $1::regclass and attnum > 0 and not attisdropped and attgenerated = ''`,
				[name]
			);
			await client.query(
				`insert into ${name} (${columns[0].all}) overriding system value
				 select ${columns[0].all} from jsonb_populate_recordset(null::${name}, $1)`,
				[JSON.stringify(rows.map((row) => ({ ...row, group_id: id })))]
			);
		}
		if (accounts.length > 0)
			await client.query(
				`with known as (insert into account_group (group_id, account_id) values ($1, $2))
				 insert into member (group_id, account_id, role) values ($1, $2, 'coordinator')`,
				[id, accounts[0].id]
			);
		await client.query('set constraints all immediate');
		for (const { table, name } of keys)
			await client.query(`alter table ${table} alter constraint ${name} not deferrable`);
		for (const name of [...names, 'volunteer_group'])
			await client.query(`alter table ${name} enable trigger user`);
		// Numbers that are given here go on after those that came.
		const { rows: counted } = await client.query(
			`select quote_ident(c.relname) as table, quote_ident(a.attname) as column,
				pg_get_serial_sequence(quote_ident(c.relname), a.attname) as sequence
			 from pg_class c join pg_attribute a on a.attrelid = c.oid and a.attidentity <> ''
			 where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p')`
		);
		for (const { table, column, sequence } of counted)
			await client.query(
				`select setval($1::regclass, greatest((select coalesce(max(${column}), 1) from ${table}),
					(select last_value from ${sequence})))`,
				[sequence]
			);
		await client.query('commit');
		return { id, name: head.group.name, count };
	} catch (error) {
		await client.query('rollback').catch(() => {});
		if (error instanceof Stop) throw error;
		const { code, table } = /** @type {{ code?: string, table?: string }} */ (error);
		throw new Stop(
			`The group could not be brought in; nothing was touched (${code ?? 'no answer'}${table ? `, ${table}` : ''}).`
		);
	} finally {
		await client.end();
	}
}
