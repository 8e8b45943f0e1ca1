// How much one web process answers in a second, and how much two do: the store page and an entry, beside a bare page
// alike and a bare INSERT, in the same run. On two cores the database, whoever asks and two processes share them.
import { startApp } from '../lib/app.mjs';
import { asked } from '../lib/asked.mjs';
import { freePort } from '../lib/cluster.mjs';
import { print } from './figures.mjs';
import { load, threeBags } from './load.mjs';
import { bareAlike } from './pages.mjs';

const json = { 'content-type': 'application/json' };

/** Answers in a second of so many processes that share the work. @param {string[]} addresses @param {import('./load.mjs').Call} call @param {number} count */
async function aSecond(addresses, call, count) {
	const from = performance.now();
	await Promise.all(addresses.map((address) => load(address, call, count / addresses.length)));
	return count / ((performance.now() - from) / 1000);
}

/** @param {string} databaseUrl */
export async function benchThroughput(databaseUrl) {
	const { rows } = await asked(databaseUrl, (client) =>
		client.query(`select id from bag_kind where name = 'Thin carrier' limit 1`)
	);
	const kind = rows[0].id;
	const start = async () =>
		startApp({
			databaseUrl,
			port: await freePort(),
			stdio: 'ignore',
			env: { NEST_ROW_BENCH: 'yes' }
		});
	const apps = [await start(), await start()];
	try {
		const addresses = apps.map(({ address }) => address);
		const page = '/gather/store';
		/** @type {[string, import('./load.mjs').Call, number][]} */
		const calls = [
			['the store page', { path: page }, 600],
			['a bare page alike', { path: await bareAlike(addresses[0] ?? '', page) }, 600],
			[
				'an entry',
				{
					method: 'POST',
					path: '/api/entries',
					headers: json,
					body: () => threeBags(kind, 1)
				},
				1200
			],
			[
				'a bare INSERT',
				{ method: 'POST', path: '/bare/insert', headers: json, body: () => '{}' },
				2400
			]
		];
		for (const [name, call, count] of calls) {
			for (const address of addresses) await load(address, call, count / 4);
			/** @type {number[]} */
			const one = [];
			/** @type {number[]} */
			const two = [];
			// Turn by turn, so that whatever the machine does meets both.
			for (let turn = 0; turn < 3; turn++) {
				one.push(await aSecond(addresses.slice(0, 1), call, count));
				two.push(await aSecond(addresses, call, count));
			}
			print(`throughput: ${name}, one process`, Math.max(...one), 'a second');
			print(`throughput: ${name}, two processes`, Math.max(...two), 'a second');
		}
	} finally {
		for (const app of apps) await app.stop();
	}
}
