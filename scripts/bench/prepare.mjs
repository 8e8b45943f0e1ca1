// Prepare under load: the table with thousands of balls at two sizes of the ledger, acts, and labels.
import pg from 'pg';
import { growLedger } from './gather.mjs';
import { load } from './load.mjs';
import { print, quantile } from './figures.mjs';
import { newCodes } from './new-codes.mjs';
import { besideBare } from './pages.mjs';

const group = '00000000-0000-4000-8000-000000000001';

/** Winds balls like those of the demo until so many lie there. @param {pg.Client} client @param {number} count */
export async function growBalls(client, count) {
	const { rows } = await client.query(
		`select count(*)::integer as balls from thing where group_id = $1 and sort = 'ball'`,
		[group]
	);
	const codes = await newCodes(client, group, count - rows[0].balls);
	await client.query(
		`with model as (
			select t.content, t.plan_id, t.plan_version, m.line_id, m.film_mg from thing t
			join movement m on m.group_id = t.group_id and m.entry_id = t.entry_id and m.amount = 1
			where t.group_id = $1 and t.sort = 'ball' order by t.id desc limit 1
		), wound as (
			insert into entry (group_id, key, digest, type, typed_at, reason)
			select $1, gen_random_uuid(), '', 'ball', now(), 'balled' from generate_series(1, cardinality($2::text[]))
			returning id
		), numbered as (select id, row_number() over (order by id) as nth from wound
		), moved as (
			insert into movement (group_id, entry_id, part, line_id, holder, amount, film_mg)
			select $1, n.id, side.part, model.line_id, case side.sign when 1 then 'store' else 'outside' end,
				side.sign, model.film_mg * side.sign
			from numbered n cross join model cross join (values (1, 1), (2, -1)) as side (part, sign)
		), made as (
			insert into thing (group_id, code, sort, entry_id, plan_id, plan_version, content)
			select $1, ($2::text[])[n.nth], 'ball', n.id, model.plan_id, model.plan_version, model.content
			from numbered n cross join model returning id, entry_id
		)
		insert into thing_event (group_id, entry_id, thing_id, what)
		select $1, entry_id, id, 'made' from made`,
		[group, codes]
	);
	await client.query('analyze thing; analyze thing_event; analyze entry; analyze movement');
}

/** Flattening one bag at a time, as a tap does it. @param {string} address @param {pg.Client} client */
async function acts(address, client) {
	const { rows } = await client.query(
		`select l.kind_id, l.colour from balance b join line l on l.group_id = b.group_id and l.id = b.line_id
		 where b.group_id = $1 and b.holder = 'store' and l.form = 'bag' order by b.amount desc limit 18`,
		[group]
	);
	const call = {
		method: 'POST',
		path: '/api/entries',
		headers: { 'content-type': 'application/json' },
		body: (/** @type {number} */ index) => {
			const pile = rows[index % rows.length];
			const typed = { kind: pile.kind_id, colour: pile.colour, bags: '1' };
			return JSON.stringify({ entries: [{ key: crypto.randomUUID(), type: 'flatten', typed }] });
		}
	};
	await load(address, call, 200);
	const times = await load(address, call, 1200);
	print('prepare: an act acknowledged, median', quantile(times, 0.5), 'ms');
	print('prepare: an act acknowledged, 95th percentile', quantile(times, 0.95), 'ms', 25);
}

/** A sheet of 24 labels. @param {string} address @param {pg.Client} client */
async function labels(address, client) {
	const { rows } = await client.query(
		`select code from thing where group_id = $1 and sort = 'ball' order by id desc limit 24`,
		[group]
	);
	const path = `/prepare/labels.pdf?${rows.map(({ code }) => `code=${code}`).join('&')}`;
	/** @type {number[]} */
	const times = [];
	for (let nth = 0; nth < 12; nth++) {
		const from = performance.now();
		const answer = await fetch(address + path);
		await answer.arrayBuffer();
		if (!answer.ok) throw new Error(`labels answered ${answer.status}`);
		if (nth > 1) times.push(performance.now() - from);
	}
	print('prepare: a sheet of 24 labels, median', quantile(times, 0.5), 'ms');
	print('prepare: a sheet of 24 labels, slowest of ten', quantile(times, 1), 'ms', 300);
}

/** @param {string} address @param {string} databaseUrl */
export async function benchPrepare(address, databaseUrl) {
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		await growBalls(client, 2000);
		/** @type {Record<string, number>[]} */
		const sizes = [];
		for (const size of [20_000, 200_000]) {
			await growLedger(client, size);
			/** @type {Record<string, number>} */
			const p95 = {};
			for (const path of ['/prepare', '/prepare/balls']) {
				const { own, bare } = await besideBare(address, path);
				p95[path] = own;
				const of = `prepare: ${path}, 2,000 balls, ${size.toLocaleString('en')} movements`;
				print(`${of}, 95th percentile`, own, 'ms');
				print(`${of}, against a bare page alike`, own / bare, 'times', 1.5);
			}
			sizes.push(p95);
		}
		for (const path of ['/prepare', '/prepare/balls'])
			print(
				`prepare: ${path}, 200,000 against 20,000 movements`,
				(sizes[1]?.[path] ?? NaN) / (sizes[0]?.[path] ?? NaN),
				'times',
				1.5
			);
		await acts(address, client);
		await labels(address, client);
	} finally {
		await client.end();
	}
}
