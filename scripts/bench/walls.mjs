// What the walls between groups cost: the application as it is started, beside the same one that signs in as the
// owner, says no group and meets no policy, turn by turn on one database.
import { startApp } from '../lib/app.mjs';
import { freePort } from '../lib/cluster.mjs';
import { load } from './load.mjs';
import { print, quantile } from './figures.mjs';

/** @param {string} databaseUrl */
export async function benchWalls(databaseUrl) {
	/** @param {boolean} hasWalls */
	const start = async (hasWalls) =>
		startApp({ databaseUrl, port: await freePort(), stdio: 'ignore', hasWalls });
	const [walled, bare] = [await start(true), await start(false)];
	try {
		/** @type {Record<string, import('./load.mjs').Call>} */
		const calls = {
			'the store page': { path: '/gather/store' },
			'the list of plans': { path: '/api/plans' },
			'an entry': {
				method: 'POST',
				path: '/api/entries',
				headers: { 'content-type': 'application/json' },
				body: (index) =>
					JSON.stringify({
						entries: [
							{
								key: crypto.randomUUID(),
								type: 'drop-off',
								typed: {
									place: 'Ferry kiosk',
									came_on: '2026-11-19',
									method: 'hand',
									bags: String(100 + index)
								}
							}
						]
					})
			}
		};
		for (const [name, call] of Object.entries(calls)) {
			const times = { walled: /** @type {number[]} */ ([]), bare: /** @type {number[]} */ ([]) };
			const count = name === 'the store page' ? 100 : 300;
			for (const app of [walled, bare]) await load(app.address, call, count);
			for (let turn = 0; turn < 8; turn++) {
				const order = [
					{ app: walled, into: times.walled },
					{ app: bare, into: times.bare }
				];
				for (const { app, into } of turn % 2 ? order.toReversed() : order)
					into.push(...(await load(app.address, call, count)));
			}
			for (const share of [0.5, 0.95]) {
				const [own, without] = [quantile(times.walled, share), quantile(times.bare, share)];
				const which = share === 0.5 ? 'median' : '95th percentile';
				print(`walls: ${name}, ${which}`, own, 'ms');
				print(`walls: ${name} against none, ${which}`, own / without, 'times', 1.1);
			}
		}
	} finally {
		await walled.stop();
		await bare.stop();
	}
}
