import { type Db } from '../../src/lib/server/db/db';
import { spawn } from 'node:child_process';
import type pg from 'pg';
import { beforeAll, describe, expect, it } from 'vitest';
import { ensureAppRole } from '../../scripts/lib/app-role.mjs';
import { asked } from '../../scripts/lib/asked.mjs';
import { demoPlans } from '../../scripts/demo/plans';
import { loadDemo } from '../../scripts/lib/load-demo.mjs';
import { partition } from '../../scripts/lib/migrate.mjs';
import { endPools, readers, writers } from '../../src/lib/server/db/pool';
import { send, withBall } from './a-mat';
import { anotherDatabase, houseTables, useDatabase } from './database';
import { remainderOf, tellPlans, toldPlan } from './plans';
import { dropOff, keep, newGroup, sorting } from './samples';

useDatabase();

const databaseUrl = () => process.env.DATABASE_URL ?? '';
const inDatabase = <Row extends pg.QueryResultRow>(url: string, sql: string, values?: unknown[]) =>
	asked(url, async (client) => (await client.query<Row>(sql, values)).rows);
const ask = <Row extends pg.QueryResultRow>(sql: string, values: unknown[] = []) =>
	inDatabase<Row>(databaseUrl(), sql, values);

/** Tables without a group in front: what belongs to the house, and the groups themselves. */
const whole = [...houseTables, 'schema_migration', 'volunteer_group'];

describe('every key begins with its group', () => {
	it('in all tables but those that belong to the house', async () => {
		const tables = await ask<{ name: string }>(
			`select c.relname as name from pg_class c
			 where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p') and not exists (
				select from pg_attribute a where a.attrelid = c.oid and a.attname = 'group_id' and a.attnotnull)`
		);
		expect([...tables.map(({ name }) => name), 'account_group'].sort()).toEqual([...whole].sort());
	});

	it('in primary and unique keys, and in every index', async () => {
		const others = await ask<{ index: string; table: string }>(
			`select i.indexrelid::regclass::text as index, c.relname as table
			 from pg_index i join pg_class c on c.oid = i.indrelid
			 left join pg_attribute a on a.attrelid = c.oid and a.attnum = i.indkey[0]
			 where c.relnamespace = 'public'::regnamespace and a.attname is distinct from 'group_id'`
		);
		expect(others.filter(({ table }) => !whole.includes(table))).toEqual([]);
		expect(others.length).toBeGreaterThan(10);
	});

	it('in foreign keys, which lead to the same group or to the group itself', async () => {
		const keys = await ask<{ from: string; to: string; first: string; there: string }>(
			`select c.relname as from, d.relname as to, a.attname as first, b.attname as there
			 from pg_constraint k join pg_class c on c.oid = k.conrelid join pg_class d on d.oid = k.confrelid
			 join pg_attribute a on a.attrelid = c.oid and a.attnum = k.conkey[1]
			 join pg_attribute b on b.attrelid = d.oid and b.attnum = k.confkey[1]
			 where k.contype = 'f' and c.relnamespace = 'public'::regnamespace`
		);
		const wrong = keys.filter(
			({ from, to, first, there }) =>
				!whole.includes(from) &&
				(first !== 'group_id' || there !== (to === 'volunteer_group' ? 'id' : 'group_id'))
		);
		expect(wrong).toEqual([]);
		expect(keys.length).toBeGreaterThan(70);
	});
});

describe('a house laid in sixteen parts', () => {
	/** What was there before, table by table. */
	let before = new Map<string, string>();
	let old: Awaited<ReturnType<typeof withBall>>;
	const everyRow = async () =>
		new Map(
			(
				await ask<{ name: string; rows: string }>(
					`select c.relname as name, (xpath('/row/d/text()', query_to_xml(format(
						'select md5(string_agg(t::text, '','' order by t::text)) as d from public.%I t', c.relname), false, true, '')))[1]::text as rows
					 from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p')`
				)
			).map(({ name, rows }) => [name, rows])
		);
	beforeAll(async () => {
		old = await withBall();
		before = await everyRow();
		await ensureAppRole(databaseUrl());
		await endPools();
		await partition(databaseUrl());
	});

	it('has every table of groups in parts, with the walls it had, and every row', async () => {
		const tables = await ask<{ parts: number; walls: boolean }>(
			`select (select count(*)::integer from pg_inherits i where i.inhparent = c.oid) as parts,
				c.relrowsecurity and exists (select from pg_policy p where p.polrelid = c.oid) as walls
			 from pg_class c join pg_attribute a on a.attrelid = c.oid and a.attname = 'group_id'
			 where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p') and c.relname <> 'account_group'`
		);
		expect(tables.length).toBeGreaterThan(45);
		expect(tables.filter(({ parts, walls }) => parts !== 16 || !walls)).toEqual([]);
		expect(await everyRow()).toEqual(before);
		expect([...before.values()].filter(Boolean).length).toBeGreaterThan(12);
	});

	it('refuses in every part what it refuses in the table, and lets the application into none', async () => {
		const [part] = await ask<{ name: string }>(
			'select tableoid::regclass::text as name from movement where group_id = $1 limit 1',
			[old.group.groupId]
		);
		const name = part?.name ?? '';
		expect(name).toMatch(/^spread_\d+\.movement$/);
		await expect(ask(`update ${name} set amount = amount`)).rejects.toThrow('never changed');
		await expect(ask(`delete from ${name}`)).rejects.toThrow('never changed');
		const others = await ask<{ name: string }>(
			`select p.relid::text as name from pg_trigger t cross join lateral pg_partition_tree(t.tgrelid) p
			 where t.tgrelid = 'movement'::regclass and t.tgname = 'is_not_emptied' and p.isleaf`
		);
		expect(others).toHaveLength(16);
		for (const one of others)
			await expect(ask(`truncate ${one.name}`)).rejects.toThrow('never emptied');
		await expect(
			asked(databaseUrl(), async (client) => {
				await client.query('set role nest_row_app');
				await client.query(`select 1 from ${name}`);
			})
		).rejects.toThrow(`permission denied for schema ${name.split('.')[0]}`);
	});

	it('asks one part, its own group’s, for all that an entry and its triggers do', async () => {
		await asked(databaseUrl(), (client) =>
			tellPlans(client, new URL(databaseUrl()).pathname.slice(1))
		);
		await endPools();
		const told: { sql: string; parts: string[] }[] = [];
		for (const pool of [readers(), writers()])
			pool.on('connect', (client) =>
				client.on('notice', ({ message }) => {
					const plan = toldPlan(message ?? '');
					if (plan) told.push(plan);
				})
			);
		const { group } = old;
		const mat = await withBall();
		await everyKindOf(group, old);
		await everyKindOf(mat.group, mat);
		const [own] = await ask<{ one: string; other: string }>(
			`select (select tableoid::regclass::text from bag_kind where group_id = $1 limit 1) as one,
				(select tableoid::regclass::text from bag_kind where group_id = $2 limit 1) as other`,
			[group.groupId, mat.group.groupId]
		);
		const allowed = [remainderOf(own?.one ?? ''), remainderOf(own?.other ?? '')];
		const wrong = told.filter(({ parts }) => {
			const remainders = new Set(parts.map(remainderOf));
			return remainders.size > 1 || [...remainders].some((one) => !allowed.includes(one));
		});
		expect(wrong).toEqual([]);
		// Triggers ask by variables of their own.
		const nested = told.filter(
			({ sql, parts }) => parts.length > 0 && /\b(one|of_group|line\.)/.test(sql)
		);
		expect(nested.length).toBeGreaterThan(20);
		const [balance] = await ask<{ wrong: number }>(
			`select count(*)::integer as wrong from balance b left join lateral (select sum(m.amount) as amount,
				sum(m.film_mg) as film from movement m where m.group_id = b.group_id and m.line_id = b.line_id
				and m.holder = b.holder and m.thing_id is not distinct from b.thing_id) l on true
			 where b.amount is distinct from l.amount or b.film_mg is distinct from l.film`
		);
		expect(balance).toEqual({ wrong: 0 });
	});

	it('takes the whole demo world, as a house that is not laid in parts does, though a filling before was cut off', async () => {
		const url = await anotherDatabase();
		await partition(url);
		const cutOff = spawn(process.execPath, ['--import', 'tsx', 'scripts/load-demo.ts'], {
			env: { ...process.env, DATABASE_URL: url },
			stdio: 'ignore'
		});
		const ended = new Promise((resolve) => cutOff.once('exit', resolve));
		const [plans, whole] = [
			'select count(*)::integer as n from plan',
			'select count(*)::integer as n from volunteer_group where has_demo_world'
		];
		const count = async (sql: string) => (await inDatabase<{ n: number }>(url, sql))[0]?.n ?? 0;
		await expect.poll(() => count(plans), { timeout: 60_000, interval: 20 }).toBeGreaterThan(1);
		cutOff.kill('SIGKILL');
		await ended;
		expect(await count(whole)).toBe(0);
		await loadDemo(url);
		expect([await count(whole), await count(plans)]).toEqual([1, demoPlans.length]);
		const { rows } = await asked(url, (client) =>
			client.query<{ seats: number; parts: number }>(
				`select count(*)::integer as seats, count(distinct tableoid)::integer as parts from seat`
			)
		);
		expect(rows[0]?.seats).toBeGreaterThan(3);
		expect(rows[0]?.parts).toBe(1);
	});

	it('is laid by an owner who is no superuser as well, with every key as it was', async () => {
		const url = await anotherDatabase();
		const owner = new URL(url);
		owner.username = `plain_${crypto.randomUUID().slice(0, 8)}`;
		owner.password = 'for-this-test';
		await inDatabase(
			url,
			`insert into volunteer_group (id, name) values ('${crypto.randomUUID()}', 'Plain');
			 insert into place (group_id, id, name) select id, gen_random_uuid(), 'Quay' from volunteer_group where name = 'Plain';
			 create role ${owner.username} login password '${owner.password}';
			 do $$ declare one text; begin
				execute format('grant create on database %I to ${owner.username}', current_database());
				alter schema public owner to ${owner.username};
				for one in select format('alter table %s owner to ${owner.username}', oid::regclass) from pg_class
					where relnamespace = 'public'::regnamespace and relkind in ('r', 'v') loop execute one; end loop;
				for one in select format('alter function %s owner to ${owner.username}', oid::regprocedure) from pg_proc
					where pronamespace = 'public'::regnamespace loop execute one; end loop;
			 end $$`
		);
		const keys = `select conrelid::regclass::text as of_table, pg_get_constraintdef(oid) as law, convalidated
			from pg_constraint where contype in ('p', 'u', 'f') and conparentid = 0 and connamespace = 'public'::regnamespace
			order by 1, 2`;
		const before = await inDatabase(url, keys);
		await partition(owner.href);
		expect(await inDatabase(url, keys)).toEqual(before);
		expect(before.length).toBeGreaterThan(120);
		expect(
			await inDatabase(
				url,
				'select tableoid::regclass::text ~ $$spread_$$ as part, name from place'
			)
		).toEqual([{ part: true, name: 'Quay' }]);
		await inDatabase(url, `drop owned by ${owner.username} cascade; drop role ${owner.username}`);
	});

	it('is laid again for a table that came later', async () => {
		await ask(
			`create table later (group_id uuid not null references volunteer_group (id), id bigint generated always as identity,
				primary key (group_id, id)); alter table later enable row level security;
			 create policy of_group on later using (group_id = (select group_at_hand())); select keep_appended('later')`
		);
		await ask('insert into later (group_id) values ($1)', [(await newGroup()).groupId]);
		await partition(databaseUrl());
		const [later] = await ask<{ part: string; id: number }>(
			'insert into later (group_id) select group_id from later returning tableoid::regclass::text as part, id'
		);
		expect(later).toMatchObject({
			part: expect.stringMatching(/^spread_\d+\.later$/) as unknown,
			id: 2
		});
		await expect(ask('truncate later')).rejects.toThrow('never emptied');
	});
});

/** Entries of every kind that triggers follow: what came, was sorted, given to a mat, tapped, and taken back. */
async function everyKindOf(
	group: Db,
	{ code, ball, row, kindId }: Awaited<ReturnType<typeof withBall>>
) {
	const kept = async (answer: Promise<{ outcome: string }>) =>
		expect(await answer).toMatchObject({ outcome: 'kept' });
	await kept(keep(group, crypto.randomUUID(), dropOff));
	await kept(keep(group, crypto.randomUUID(), { ...sorting, kindId }));
	await kept(row());
	await kept(send(group, 'issue', { mat: code, ball }));
	const [last] = await ask<{ id: number }>(
		`select max(id)::integer as id from entry where group_id = $1 and type = 'issue'`,
		[group.groupId]
	);
	await kept(send(group, 'correction', { of: 'entry', corrects: String(last?.id), note: 'again' }));
}
