// The page of the season: beside a bare page with its forecast remembered, and how soon a new forecast is there after a
// change: a day called off, somebody away.
import pg from 'pg';
import { print, quantile } from './figures.mjs';
import { besideBare } from './pages.mjs';

const group = '00000000-0000-4000-8000-000000000001';

/** How long the page takes to say what comes of a season, after each of some changes. @param {string} address @param {pg.Client} client */
async function afterChanges(address, client) {
	const { rows: days } = await client.query(
		`select id from table_day where group_id = $1 and called_off_at is null and day > current_date order by day limit 10`,
		[group]
	);
	/** @type {number[]} */
	const times = [];
	for (const { id } of days) {
		await client.query(
			'update table_day set called_off_at = now() where group_id = $1 and id = $2',
			[group, id]
		);
		const from = performance.now();
		const answer = await fetch(`${address}/season`);
		const page = await answer.text();
		times.push(performance.now() - from);
		if (!answer.ok || !page.includes('data-chance')) throw new Error('the season says no chance');
		await client.query(
			'update table_day set called_off_at = null where group_id = $1 and id = $2',
			[group, id]
		);
	}
	print(
		'season page: a new forecast after a change, median of ten',
		quantile(times, 0.5),
		'ms',
		600
	);
	print('season page: … slowest of ten', quantile(times, 1), 'ms');
}

/** @param {string} address @param {string} databaseUrl */
export async function benchSeasonPage(address, databaseUrl) {
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		await fetch(`${address}/season`);
		const { own, bare } = await besideBare(address, '/season');
		print('season page: its forecast remembered, 95th percentile', own, 'ms');
		print('season page: … against a bare page alike', own / bare, 'times', 1.5);
		await afterChanges(address, client);
	} finally {
		await client.end();
	}
}
