// A table day under load: taps of eight tablets at once, with a ledger as a busy group has it.
import pg from 'pg';
import { growLedger } from './gather.mjs';
import { load } from './load.mjs';
import { print, quantile } from './figures.mjs';
import { besideBare } from './pages.mjs';

const group = '00000000-0000-4000-8000-000000000001';

/** @param {string} address @param {string} databaseUrl */
export async function benchDay(address, databaseUrl) {
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		await growLedger(client, 20_000);
		const { rows } = await client.query(
			'select id from table_day where group_id = $1 and closed_at is null order by day limit 1',
			[group]
		);
		const [day] = rows;
		const call = {
			method: 'POST',
			path: '/api/entries',
			headers: { 'content-type': 'application/json' },
			body: (/** @type {number} */ index) => {
				const station = index % 2 === 0 ? 'flatten' : 'join';
				const typed = { day: day.id, station, count: '1' };
				return JSON.stringify({ entries: [{ key: crypto.randomUUID(), type: 'tap', typed }] });
			}
		};
		await load(address, call, 200);
		const times = await load(address, call, 1200);
		print('day: a tap acknowledged, median', quantile(times, 0.5), 'ms');
		print('day: a tap acknowledged, 95th percentile', quantile(times, 0.95), 'ms', 25);
		const { own, bare } = await besideBare(address, `/prepare/days/${day.id}/flatten`);
		print('day: a station with 1,400 taps, 95th percentile', own, 'ms');
		print('day: a station, against a bare page alike', own / bare, 'times');
	} finally {
		await client.end();
	}
}
