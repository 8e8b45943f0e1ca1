// Gather under load: the ledger at two sizes, entries at eight connections, and a long list.
import pg from 'pg';
import { load, threeBags } from './load.mjs';
import { print, quantile } from './figures.mjs';

const group = '00000000-0000-4000-8000-000000000001';

/** Appends movements until the ledger has so many, spread over every kind and colour. @param {pg.Client} client @param {number} count */
export async function growLedger(client, count) {
	await client.query(
		`insert into line (group_id, kind_id, colour, form)
		 select $1, k.id, c.colour, 'bag'
		 from (select id from bag_kind where group_id = $1 order by id limit 3) k
		 cross join unnest(array['white', 'blue', 'green', 'grey', 'red', 'black']) as c (colour)
		 on conflict do nothing`,
		[group]
	);
	await client.query(
		`with grown as (
			insert into entry (group_id, key, digest, type, typed_at, reason)
			select $1, gen_random_uuid(), '', 'movement', now() - make_interval(mins => n::integer), 'counted'
			from generate_series(1, $2 - (select count(*) from movement where group_id = $1 and holder = 'store')) n
			returning id
		), lines as (
			select array_agg(id order by id) as ids from line where group_id = $1 and form = 'bag' and cut_id is null
		)
		insert into movement (group_id, entry_id, part, line_id, holder, amount, film_mg)
		select $1, g.id, side.part, lines.ids[1 + g.id % cardinality(lines.ids)],
			case side.sign when 1 then 'store' else 'difference' end, (1 + g.id % 5) * side.sign, 5200 * side.sign
		from grown g cross join lines cross join (values (1, 1), (2, -1)) as side (part, sign)`,
		[group, count]
	);
	await client.query('analyze entry; analyze movement; analyze balance');
}

/** The store page, and the history of its longest line. @param {string} address @param {pg.Client} client @param {string} size */
async function storePage(address, client, size) {
	const { rows } = await client.query(
		`select l.kind_id, l.colour, l.form from balance b join line l on l.group_id = b.group_id and l.id = b.line_id
		 where b.group_id = $1 and b.holder = 'store' order by b.movements desc limit 1`,
		[group]
	);
	const [line] = rows;
	const query = `kind=${line.kind_id}&colour=${line.colour}&form=${line.form}`;
	/** @type {Record<string, number>} */
	const p95 = {};
	for (const [name, path] of Object.entries({
		'store page': '/gather/store',
		'store page with a history': `/gather/store?${query}`
	})) {
		await load(address, { path }, 60);
		const times = await load(address, { path }, 400);
		p95[name] = quantile(times, 0.95);
		print(`gather: ${name}, ${size} movements, median`, quantile(times, 0.5), 'ms');
		print(`gather: ${name}, ${size} movements, 95th percentile`, p95[name], 'ms');
	}
	return p95;
}

/** @param {string} address @param {pg.Client} client */
async function entries(address, client) {
	const { rows } = await client.query('select id from bag_kind where group_id = $1 limit 1', [
		group
	]);
	const kind = rows[0].id;
	const call = {
		method: 'POST',
		path: '/api/entries',
		headers: { 'content-type': 'application/json' },
		body: (/** @type {number} */ index) => threeBags(kind, index)
	};
	await load(address, call, 300);
	const times = await load(address, call, 2000);
	print('gather: an entry acknowledged, median', quantile(times, 0.5), 'ms');
	print('gather: an entry acknowledged, 95th percentile', quantile(times, 0.95), 'ms', 25);
}

/** A list of 50,000 movements: read and laid on the table, looked at, and kept. @param {string} address */
async function longList(address) {
	const rows = Array.from(
		{ length: 50_000 },
		(_, at) =>
			`2026-11-${String((at % 24) + 1).padStart(2, '0')},Thin carrier,blue,bag,${at % 3 ? 2 : -1},counted,Odo,"row ${at}, brought in"`
	);
	const text = ['when,kind,colour,form,amount,reason,by,note', ...rows].join('\r\n');
	const form = new FormData();
	form.set('list', 'movements');
	form.set('file', new Blob([text], { type: 'text/csv' }), 'long.csv');
	const from = performance.now();
	const laid = await fetch(`${address}/gather/lists?/bring`, {
		method: 'POST',
		body: form,
		headers: { origin: address, accept: 'text/html' },
		redirect: 'manual'
	});
	const place = laid.headers.get('location');
	if (!place) throw new Error(`the list was not laid on the table: ${laid.status}`);
	const onTable = performance.now();
	const looked = await (await fetch(address + place)).text();
	if (!looked.includes('Every row is good')) throw new Error('the list has problems');
	const checked = performance.now();
	const kept = await fetch(`${address}${place}/keep`, {
		method: 'POST',
		headers: { origin: address }
	});
	const lines = (await kept.text()).trim().split('\n');
	const last = JSON.parse(lines.at(-1) ?? '{}');
	if (last.outcome !== 'kept' || last.count !== 50_000)
		throw new Error(`not kept: ${lines.at(-1)}`);
	const end = performance.now();
	print('gather: 50,000 rows read and laid on the table', onTable - from, 'ms');
	print('gather: 50,000 rows checked and shown', checked - onTable, 'ms');
	print('gather: 50,000 rows checked and stored', end - checked, 'ms');
	print('gather: steps of progress said', lines.length - 1, '');
	print('gather: 50,000 rows, all of it', end - from, 'ms', 10_000);
}

/** @param {string} address @param {string} databaseUrl */
export async function benchGather(address, databaseUrl) {
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		await growLedger(client, 20_000);
		const small = await storePage(address, client, '20,000');
		await growLedger(client, 200_000);
		const large = await storePage(address, client, '200,000');
		for (const name of Object.keys(large)) {
			print(`gather: ${name}, 200,000 movements, 95th percentile`, large[name] ?? NaN, 'ms', 60);
			print(
				`gather: ${name}, 200,000 against 20,000`,
				(large[name] ?? NaN) / (small[name] ?? NaN),
				'times',
				1.5
			);
		}
		await entries(address, client);
		await longList(address);
	} finally {
		await client.end();
	}
}
