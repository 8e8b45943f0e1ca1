// The built server under eight connections on loopback, beside the barest routes of the same run.
import { load } from './load.mjs';
import { print, quantile } from './figures.mjs';

/** @param {string} address @param {string} planFile */
export async function benchServer(address, planFile) {
	/** @type {Record<string, import('./load.mjs').Call>} */
	const calls = {
		'constant JSON': { path: '/api/version' },
		'one SELECT': { path: '/healthz' },
		'plan list': { path: '/api/plans' },
		'plan list, as a page': { path: '/plans' },
		'keep a plan': {
			method: 'POST',
			path: '/api/plans',
			headers: { 'content-type': 'application/json' },
			body: (index) => planFile.replace('"Bench"', `"Bench ${index}"`)
		}
	};
	/** @type {Record<string, number>} */
	const bounds = { 'plan list': 10, 'keep a plan': 25 };
	/** @type {Record<string, number>} */
	const p95 = {};
	for (const [name, call] of Object.entries(calls)) {
		await load(address, call, 300);
		const times = await load(address, call, name.includes('page') ? 800 : 3000);
		p95[name] = quantile(times, 0.95);
		print(`server: ${name}, median`, quantile(times, 0.5), 'ms');
		print(`server: ${name}, 95th percentile`, p95[name], 'ms', bounds[name]);
	}
	for (const name of Object.keys(bounds)) {
		for (const bare of ['constant JSON', 'one SELECT']) {
			print(
				`server: ${name} against ${bare}, 95th percentiles`,
				(p95[name] ?? NaN) / (p95[bare] ?? NaN),
				'times'
			);
		}
	}
}
