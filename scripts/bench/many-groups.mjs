// A house of 10, of 1,000 and of 20,000 groups: what a page and an entry cost in each, and what a group weighs. Then
// the same once its tables lie in parts. Groups are asked in turn, each by an account of its own.
import { createHmac, randomBytes } from 'node:crypto';
import pg from 'pg';
import { startApp } from '../lib/app.mjs';
import { freePort } from '../lib/cluster.mjs';
import { ensureDatabase, migrate, partition } from '../lib/migrate.mjs';
import { print, quantile } from './figures.mjs';
import { growLedger } from './gather.mjs';
import { load, threeBags } from './load.mjs';
import { growMats } from './make.mjs';
import { growBalls } from './prepare.mjs';
import { loadDemo } from '../lib/load-demo.mjs';

/** The demo world as it is loaded, and the same grown to what a group has after a busy year. */
const demo = '00000000-0000-4000-8000-000000000001';
const quiet = '00000000-0000-4000-8000-00000000fffe';
/** A group that has just begun. */
const begun = '00000000-0000-4000-8000-00000000fffd';
const secret = 'a secret of the bench, and of no other';
/** So many groups are as large as a busy one, so many more as large as the demo world; the others have just begun. A larger disk takes more. */
const busyGroups = Number(process.env.NEST_ROW_BENCH_BUSY ?? 100);
const quietGroups = Number(process.env.NEST_ROW_BENCH_QUIET ?? 900);
const sizes = (process.env.NEST_ROW_BENCH_GROUPS ?? '10,1000,20000').split(',').map(Number);

/** The id of the so-manieth group. @param {number} nth */
const groupId = (nth) => `00000000-0000-4000-9000-${nth.toString(16).padStart(12, '0')}`;

/** Tables of groups, with their columns. @param {pg.Client} client */
async function tablesOf(client) {
	const { rows } = await client.query(
		`select c.relname as name, string_agg(quote_ident(a.attname), ', ' order by a.attnum) as columns
		 from pg_class c join pg_attribute a on a.attrelid = c.oid and a.attnum > 0 and not a.attisdropped
		 where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p') and a.attname <> 'group_id'
			and c.relname not in ('member', 'account_group')
			and exists (select from pg_attribute g where g.attrelid = c.oid and g.attname = 'group_id')
		 group by c.relname`
	);
	return /** @type {{ name: string, columns: string }[]} */ (rows);
}

/** Lays copies of a group: every key begins with its group, so nothing else of a row is another. @param {pg.Client} client @param {string} from @param {string[]} to */
async function copyGroup(client, from, to) {
	const tables = await tablesOf(client);
	// Rows as they are: what triggers would reckon is copied with them.
	await client.query('set session_replication_role = replica');
	const own = await client.query(
		`select string_agg(quote_ident(attname), ', ' order by attnum) as columns from pg_attribute
		 where attrelid = 'volunteer_group'::regclass and attnum > 0 and not attisdropped and attname <> 'id'`
	);
	const { columns } = own.rows[0];
	for (let at = 0; at < to.length; at += 100) {
		const some = to.slice(at, at + 100);
		await client.query('begin');
		await client.query(
			`insert into volunteer_group (id, ${columns}) select n, ${columns} from volunteer_group, unnest($2::uuid[]) n where id = $1`,
			[from, some]
		);
		for (const { name, columns: all } of tables)
			await client.query(
				`insert into "${name}" (group_id, ${all}) overriding system value
				 select n, ${all} from "${name}" cross join unnest($2::uuid[]) n where group_id = $1`,
				[from, some]
			);
		await client.query('commit');
	}
	await client.query('set session_replication_role = origin');
}

/** Gives each of these groups a coordinator who is signed in; their cookies. @param {pg.Client} client @param {string[]} groups */
async function signedIn(client, groups) {
	/** @type {string[]} */
	const cookies = [];
	for (const [nth, group] of groups.entries()) {
		const token = randomBytes(24).toString('base64url');
		const { rows } = await client.query(
			`insert into account (name, email) values ('Wren', $1) returning id`,
			[`wren-${nth}-${token.slice(0, 6)}@mats.example`.toLowerCase()]
		);
		await client.query(
			`insert into sign_in (account_id, token, expires_at) values ($1, $2, now() + interval '2 days')`,
			[rows[0].id, token]
		);
		await client.query(
			`with known as (insert into account_group (account_id, group_id) values ($1, $2))
			 insert into member (group_id, account_id, role) values ($2, $1, 'coordinator')`,
			[rows[0].id, group]
		);
		const sign = createHmac('sha256', secret).update(token).digest('base64');
		cookies.push(`nest-row.session_token=${encodeURIComponent(`${token}.${sign}`)}`);
	}
	return cookies;
}

/** @param {string} databaseUrl @param {string[]} cookies @param {Record<string, string>} kinds a kind of bag of each group, by its cookie */
async function measured(databaseUrl, cookies, kinds) {
	const app = await startApp({
		databaseUrl,
		port: await freePort(),
		stdio: 'ignore',
		env: { NEST_ROW_SIGN_IN: 'yes', NEST_ROW_SECRET: secret }
	});
	try {
		const cookie = (/** @type {number} */ index) => cookies[index % cookies.length] ?? '';
		/** @type {Record<string, import('./load.mjs').Call>} */
		const calls = {
			'the store page': { path: '/gather/store', headers: (index) => ({ cookie: cookie(index) }) },
			today: { path: '/', headers: (index) => ({ cookie: cookie(index) }) },
			'an entry': {
				method: 'POST',
				path: '/api/entries',
				headers: (index) => ({
					cookie: cookie(index),
					origin: app.address,
					'content-type': 'application/json'
				}),
				body: (index) => threeBags(kinds[cookie(index)] ?? '', index)
			}
		};
		/** @type {Record<string, number>} */
		const p95 = {};
		for (const [name, call] of Object.entries(calls)) {
			await load(app.address, call, 2 * busyGroups);
			p95[name] = quantile(await load(app.address, call, 800), 0.95);
		}
		return p95;
	} finally {
		await app.stop();
	}
}

/** @param {string} serverUrl any database of the server */
export async function benchManyGroups(serverUrl) {
	const url = new URL(serverUrl);
	url.pathname = '/many_groups';
	const databaseUrl = url.href;
	await ensureDatabase(databaseUrl);
	await migrate(databaseUrl);
	await loadDemo(databaseUrl);
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	const bytes = async () =>
		Number((await client.query('select pg_database_size(current_database()) as b')).rows[0].b);
	try {
		await copyGroup(client, demo, [quiet]);
		await client.query(`insert into volunteer_group (id, name) values ($1, 'Just begun')`, [begun]);
		const app = await startApp({ databaseUrl, port: await freePort(), stdio: 'ignore' });
		try {
			await growMats(app.address, client, 300);
			await growBalls(client, 2000);
			await growLedger(client, 20_000);
			await client.query(
				`insert into plan (group_id, id, created_key, last_key, name, document, figures)
				 select group_id, gen_random_uuid(), gen_random_uuid(), gen_random_uuid(), name || ' ' || n, document, figures from plan
				 cross join generate_series(2, 30) n where group_id = $1 and deleted_at is null
				 order by n, id limit 30 - (select count(*) from plan where group_id = $1 and deleted_at is null)`,
				[demo]
			);
		} finally {
			await app.stop();
		}
		const busy = Array.from({ length: busyGroups }, (_, nth) => groupId(nth));
		const from = await bytes();
		await copyGroup(client, demo, busy.slice(0, 10));
		print('groups: a busy group on the disk', ((await bytes()) - from) / 10 / 1e6, 'MB');
		/** @type {string[]} */
		let cookies = [];
		/** @type {Record<string, string>} */
		const kinds = {};
		let there = 10;
		/** @type {Record<string, number>} */
		let first = {};
		const measure = async (/** @type {string} */ what) => {
			await client.query('vacuum analyze');
			const p95 = await measured(databaseUrl, cookies, kinds);
			if (Object.keys(first).length === 0) first = p95;
			for (const [name, ms] of Object.entries(p95)) {
				print(`groups: ${name}, ${what}, 95th percentile`, ms, 'ms');
				print(`groups: … against ten groups`, ms / (first[name] ?? ms), 'times', 1.3);
			}
		};
		for (const size of sizes) {
			const more = busy.slice(there, Math.min(size, busyGroups));
			await copyGroup(client, demo, more);
			there += more.length;
			for (const [like, most, name] of /** @type {const} */ ([
				[quiet, busyGroups + quietGroups, 'one like the demo world'],
				[begun, Infinity, 'one that has just begun']
			])) {
				const before = await bytes();
				const others = Array.from({ length: Math.max(0, Math.min(size, most) - there) }, (_, nth) =>
					groupId(there + nth)
				);
				await copyGroup(client, like, others);
				there += others.length;
				if (others.length > 0)
					print(
						`groups: ${name} on the disk`,
						((await bytes()) - before) / others.length / 1e6,
						'MB'
					);
			}
			const asked = busy.slice(cookies.length, Math.min(size, busyGroups));
			const come = await signedIn(client, asked);
			const { rows } = await client.query(
				'select distinct on (group_id) group_id as group, id from bag_kind where group_id = any($1)',
				[asked]
			);
			const kindOf = new Map(rows.map(({ group, id }) => [group, id]));
			for (const [nth, cookie] of come.entries()) kinds[cookie] = kindOf.get(asked[nth] ?? '');
			cookies = [...cookies, ...come];
			await measure(`${size.toLocaleString('en-GB')} groups`);
			print(
				`groups: all of ${size.toLocaleString('en-GB')} on the disk`,
				(await bytes()) / 1e9,
				'GB'
			);
		}
		const laidFrom = performance.now();
		await partition(databaseUrl);
		print('groups: laid in parts', (performance.now() - laidFrom) / 1000, 's');
		await measure('in parts');
		print('groups: all of it on the disk, in parts', (await bytes()) / 1e9, 'GB');
	} finally {
		await client.end();
	}
}
