import { readFileSync } from 'node:fs';
import path from 'node:path';
import pg from 'pg';
import { describe, expect, it } from 'vitest';
import { migrate, readMigrations } from '../../scripts/lib/migrate.mjs';
import { emptyDatabase } from './database';

const group = '00000000-0000-4000-8000-000000000001';
/** What the application of before the book had written of the demo world, with slips of every sort taken back. */
const written = readFileSync(path.join(import.meta.dirname, 'before-the-book.sql'), 'utf8');

/** A database as the commit before the book left it, filled by `fill`. */
async function before(fill: (client: pg.Client) => Promise<unknown>) {
	const url = await emptyDatabase();
	const client = new pg.Client({ connectionString: url });
	await client.connect();
	await client.query(`create table schema_migration (number integer primary key, name text not null,
		print text not null, applied_at timestamptz not null default now())`);
	for (const { number, name, sql, checksum } of readMigrations().slice(0, 5)) {
		await client.query(sql);
		await client.query('insert into schema_migration (number, name, print) values ($1, $2, $3)', [
			number,
			name,
			checksum
		]);
	}
	await fill(client);
	return { url, client };
}

const restore = async (client: pg.Client) => {
	await client.query('set session_replication_role = replica');
	await client.query('delete from bag_kind; delete from volunteer_group');
	await client.query(written);
	await client.query('set session_replication_role = origin; set search_path = public');
};

const rows = async (client: pg.Client, sql: string) =>
	(await client.query<Record<string, unknown>>(sql)).rows;

/** What stood where, asked of the old tables and of the new ones. */
const then = {
	store: `select kind_id, colour, form, amount, movements, moved_at from balance order by 1, 2, 3`,
	movements: `select kind_id, colour, form, amount, reason, note, lower(btrim(by_name)) as by_name, moved_at
		from movement order by id`,
	places: 'select * from place_tally order by place_id',
	drying: 'select * from drying order by sorting_id',
	dropOffs: `select id, place_id, came_on, bags, note, lower(btrim(brought_by)) as by_name,
		exists (select 1 from taken_back t where t.drop_off_id = d.id) as is_back from drop_off d order by id`,
	sortings: `select id, strand, stuffing, drying, lower(btrim(by_name)) as by_name, created_at as at,
		exists (select 1 from taken_back t where t.sorting_id = s.id) as is_back from sorting s order by id`,
	measures: `select id, kind, readings, lower(btrim(maker)) as maker, is_left_out from measurement order by id`,
	timed: 'select id, work, units, lower(btrim(maker)) as maker from timed_work order by id',
	keys: 'select key, digest from entry_key order by key'
};
const now: typeof then = {
	store: `select l.kind_id, l.colour, l.form, b.amount, b.movements, b.moved_at
		from balance b join line l on l.id = b.line_id where b.holder = 'store' order by 1, 2, 3`,
	movements: `select l.kind_id, l.colour, l.form, m.amount, e.reason, e.note,
		lower(btrim(p.name)) as by_name, e.typed_at as moved_at
		from movement m join entry e on e.id = m.entry_id join line l on l.id = m.line_id
		left join person p on p.id = e.person_id where m.holder = 'store' order by m.entry_id, m.part`,
	places: then.places,
	drying: then.drying,
	dropOffs: `select d.id, d.place_id, d.came_on, d.bags, e.note, lower(p.name) as by_name,
		exists (select 1 from taken_back t where t.entry_id = d.entry_id) as is_back
		from drop_off d join entry e on e.id = d.entry_id left join person p on p.id = d.brought_by_id order by d.id`,
	sortings: `select s.id, s.strand, s.stuffing, s.drying, lower(p.name) as by_name, e.typed_at as at,
		exists (select 1 from taken_back t where t.entry_id = s.entry_id) as is_back
		from sorting s join entry e on e.id = s.entry_id left join person p on p.id = e.person_id order by s.id`,
	measures: `select m.id, m.kind, m.readings, lower(p.name) as maker, m.is_left_out
		from measurement m left join person p on p.id = m.maker_id order by m.id`,
	timed: `select w.id, w.work, w.units, lower(p.name) as maker
		from timed_work w left join person p on p.id = w.maker_id order by w.id`,
	keys: `select key, digest from entry where digest <> '' order by key`
};
const all = async (client: pg.Client, asked: typeof then) =>
	Object.fromEntries(
		await Promise.all(
			Object.entries(asked).map(async ([name, sql]) => [name, await rows(client, sql)] as const)
		)
	) as Record<keyof typeof then, Record<string, unknown>[]>;

describe('a database of before the book', () => {
	it('holds in the book all that it held: every sum, name, key and slip undone', async () => {
		const { url, client } = await before(restore);
		const old = await all(client, then);
		expect(old.store.length).toBeGreaterThan(20);
		expect(old.keys).toHaveLength(44);
		await migrate(url);
		const book = await all(client, now);
		expect(book).toEqual(old);
		expect(
			await rows(
				client,
				`select count(*)::integer as odd from
				(select 1 from movement group by entry_id having sum(film_mg) <> 0) e`
			)
		).toEqual([{ odd: 0 }]);
		// What was taken back by hand before cannot be taken back again, nor what it belonged to.
		const standing = await rows(
			client,
			`select e.type, l.colour, l.form, m.amount::integer as amount from movement m
			 join entry e on e.id = m.entry_id join line l on l.id = m.line_id
			 where m.holder = 'store' and e.reason <> 'correction' and l.colour in ('red', 'orange', 'pink', 'grey')
				and not exists (select 1 from taken_back t where t.entry_id = e.id) order by e.id`
		);
		expect(standing.map((row) => Object.values(row).join(' '))).toEqual([
			'movement pink bag 50',
			'sorting orange bag 20',
			'movement grey bag 40',
			'movement grey bag -15'
		]);
		const versions = await rows(
			client,
			`select p.name = v.name and p.document = v.document as same
			from plan p left join plan_version v on v.plan_id = p.id and v.version = p.version`
		);
		expect(versions.every(({ same }) => same === true)).toBe(true);
		expect(
			await rows(
				client,
				'select count(*)::integer as bare from measurement where plan_version is null'
			)
		).toEqual([{ bare: 0 }]);
		await client.end();
	});

	it('with 40,000 movements holds the same sums, and its film is nothing', async () => {
		const { url, client } = await before((filling) =>
			filling.query(
				`insert into movement (group_id, key, kind_id, colour, form, amount, reason, by_name, moved_at)
				 select $1, gen_random_uuid(), k.id, (array['white', 'blue', 'green'])[1 + n % 3],
					(array['bag', 'piece', 'ball', 'stuffing', 'scrap'])[1 + n % 5], 1 + n % 7,
					(array['counted', 'joined', 'imported'])[1 + n % 3], (array['Wren', 'odo', 'Odo', null])[1 + n % 4],
					now() - make_interval(mins => n::integer)
				 from generate_series(1, 40000) n join bag_kind k on k.group_id = $1 and k.name = 'Thin carrier'`,
				[group]
			)
		);
		const sums = `sum(amount)::integer as amount, count(*)::integer as movements`;
		const old = await rows(
			client,
			`select colour, form, ${sums} from movement group by 1, 2 order by 1, 2`
		);
		const oldStore = await rows(client, then.store);
		await migrate(url);
		expect(
			await rows(
				client,
				`select l.colour, l.form, ${sums} from movement m join line l on l.id = m.line_id
				where m.holder = 'store' group by 1, 2 order by 1, 2`
			)
		).toEqual(old);
		expect(await rows(client, now.store)).toEqual(oldStore);
		expect(
			await rows(
				client,
				`select sum(film_mg)::integer as film, count(*)::integer as movements from movement`
			)
		).toEqual([{ film: 0, movements: 80_000 }]);
		expect(await rows(client, 'select lower(name) as name from person order by 1')).toEqual([
			{ name: 'odo' },
			{ name: 'wren' }
		]);
		await client.end();
	});
});
