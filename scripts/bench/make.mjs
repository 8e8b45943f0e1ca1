// Mats in hand under load: rows tapped on eight devices at once, one mat with 10,000 rows of log, 300 mats on a page.
import pg from 'pg';
import { load } from './load.mjs';
import { print, quantile } from './figures.mjs';
import { besideBare } from './pages.mjs';

const group = '00000000-0000-4000-8000-000000000001';
const headers = { 'content-type': 'application/json' };

/** @param {string} address @param {string} type @param {(index: number) => object} typed @param {number} count */
const send = (address, type, typed, count) =>
	load(
		address,
		{
			method: 'POST',
			path: '/api/entries',
			headers,
			body: (index) =>
				JSON.stringify({ entries: [{ key: crypto.randomUUID(), type, typed: typed(index) }] })
		},
		count
	);

/** @param {string} address @param {string} databaseUrl */
export async function benchMake(address, databaseUrl) {
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		const { rows: plans } = await client.query(
			'select id from plan where group_id = $1 and deleted_at is null order by id',
			[group]
		);
		const { rows: before } = await client.query(
			`select count(*)::integer as mats from thing where group_id = $1 and sort = 'mat'`,
			[group]
		);
		const plan = (/** @type {number} */ index) => ({ plan: plans[index % plans.length].id });
		await send(address, 'begin', plan, 300 - before[0].mats);
		const { rows: mats } = await client.query(
			`select code from thing where group_id = $1 and sort = 'mat' order by id`,
			[group]
		);
		await send(address, 'rows', (at) => ({ mat: mats[at].code, to: `${(at * 7) % 60}` }), 300);
		await client.query('analyze');
		const row = (/** @type {number} */ index) => ({ mat: mats[index % 8].code });
		await send(address, 'row', row, 200);
		const few = await send(address, 'row', row, 1200);
		print('make: a row acknowledged, median', quantile(few, 0.5), 'ms');
		print('make: a row acknowledged, 95th percentile', quantile(few, 0.95), 'ms', 25);
		await send(address, 'row', () => ({ mat: mats[9].code }), 10_000);
		const one = () => ({ mat: mats[9].code });
		const many = await send(address, 'row', one, 1200);
		print('make: … on a mat with 10,000 rows of log', quantile(many, 0.95), 'ms', 25);
		const { own, bare } = await besideBare(address, '/make');
		print('make: /make with 300 mats, 95th percentile', own, 'ms');
		print('make: /make, against a bare page alike', own / bare, 'times', 1.5);
	} finally {
		await client.end();
	}
}
