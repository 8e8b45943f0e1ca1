// A group that went out as an archive comes in again, whole or not at all: every row as it was.
import { unzipSync } from 'fflate';
import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { Stop } from './say.mjs';

const wholeGroupFile = 'whole/group.jsonl';
/** Who may what, and what was done by whom, belongs to the house it is of: none of it comes in, whatever the archive says. */
const rights = ['member', 'account_group', 'link', 'late_entry', 'handed_picture', 'trail'];
/** What follows from other rows is reckoned here, never taken. */
const reckoned = ['balance', 'place_tally', 'lying', 'thing_state'];
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

/** What an id looks like. */
const uuid = /[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/g;

/**
 * Every id of the archive's own rows, each with another that is made here: nothing that comes in can be meant for what is
 * here already. Labels stay as they are printed.
 *
 * @param {readonly { table: string, rows: Record<string, unknown>[] }[]} tables
 */
function newIds(tables) {
	/** @type {Map<string, string>} */
	const ids = new Map();
	for (const { rows } of tables)
		for (const { id } of rows)
			if (typeof id === 'string' && id.replace(uuid, '') === '') ids.set(id, randomUUID());
	return ids;
}

/** What the store, the places and the things come to, by what was brought in. @param {pg.Client} client @param {string} id */
async function reckon(client, id) {
	const { rows: odd } = await client.query(
		'select entry_id from movement where group_id = $1 group by entry_id having sum(film_mg) <> 0 limit 1',
		[id]
	);
	if (odd.length > 0)
		throw new Stop('The archive has film that comes from nowhere: nothing was touched.');
	await client.query(
		`insert into balance (group_id, line_id, holder, thing_id, amount, film_mg, movements, moved_at)
		 select m.group_id, m.line_id, m.holder, m.thing_id, sum(m.amount), sum(m.film_mg), count(*), max(e.typed_at)
		 from movement m join entry e on e.group_id = m.group_id and e.id = m.entry_id
		 where m.group_id = $1 and m.holder in ('store', 'mat')
		 group by m.group_id, m.line_id, m.holder, m.thing_id`,
		[id]
	);
	await client.query(
		`insert into place_tally (group_id, place_id, bags, drop_offs, sorted, rejected, last_came)
		 select p.group_id, p.id, coalesce(d.bags, 0), coalesce(d.drop_offs, 0), coalesce(s.sorted, 0),
			coalesce(s.rejected, 0), d.last_came
		 from place p
		 left join (select place_id, sum(bags) as bags, count(*) as drop_offs, max(came_on) as last_came
			from standing_drop_off where group_id = $1 group by place_id) d on d.place_id = p.id
		 left join (select place_id, sum(strand + stuffing + rejected) as sorted, sum(stuffing + rejected) as rejected
			from standing_sorting where group_id = $1 group by place_id) s on s.place_id = p.id
		 where p.group_id = $1`,
		[id]
	);
	const { rows } = await client.query(
		'select coalesce(array_agg(id), $2::bigint[]) as things from thing where group_id = $1',
		[id, []]
	);
	await client.query('select lie_down($1, $2::bigint[])', [id, rows[0].things]);
	await client.query('select stand_anew($1, $2::bigint[])', [id, rows[0].things]);
}

/** @param {pg.Client} client */
async function foreignKeys(client) {
	const { rows } = await client.query(
		`select conrelid::regclass::text as table, quote_ident(conname) as name from pg_constraint
		 where contype = 'f' and connamespace = 'public'::regnamespace and conparentid = 0`
	);
	return /** @type {{ table: string, name: string }[]} */ (rows);
}

/** The id the group has here: a new one; or that of one that is empty, whose place it takes. @param {pg.Client} client @param {string} id */
async function idHere(client, id) {
	const { rowCount } = await client.query('select 1 from volunteer_group where id = $1', [id]);
	if (!rowCount) return randomUUID();
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
						and c.relname <> all ($1::text[])`,
					[rights]
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
		const ids = newIds(tables);
		for (const { table, rows } of tables) {
			if (rights.includes(table) || reckoned.includes(table)) continue;
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
				[
					JSON.stringify(
						rows.map((row) => ({
							...row,
							// Whoever typed it signs in elsewhere, and the link it came by opens nothing here.
							...(table === 'entry' ? { account_id: null, link_id: null } : {}),
							group_id: id
						}))
					).replace(uuid, (one) => ids.get(one) ?? one)
				]
			);
		}
		await reckon(client, id);
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
