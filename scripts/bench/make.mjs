// Mats being made under load: rows tapped on eight devices at once, one mat with 10,000 rows of log, 300 mats on a page.
import pg from 'pg';
import { load } from './load.mjs';
import { print, quantile } from './figures.mjs';
import { chromium } from '@playwright/test';
import { chromiumArguments, slowLine } from '../lib/chromium.mjs';
import { besideBare } from './pages.mjs';

const group = '00000000-0000-4000-8000-000000000001';
const headers = { 'content-type': 'application/json' };

/** @param {string} address @param {string} type @param {(index: number) => object} typed @param {number} count */
export const send = (address, type, typed, count) =>
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

/** From a tap on the large target to the frame that shows the row, ms. @param {import('@playwright/test').Page} page @param {number} count */
const rowTimes = (page, count) =>
	page.evaluate(async (times) => {
		const button = /** @type {HTMLElement} */ (document.querySelector('[data-row]'));
		const shown = () => document.querySelector('[data-count]')?.textContent;
		/** @type {number[]} */
		const taken = [];
		for (let i = 0; i < times; i++) {
			await new Promise((resolve) => setTimeout(resolve, 150 + ((i * 7) % 17)));
			const before = shown();
			const from = performance.now();
			button.click();
			while (shown() === before) await new Promise((resolve) => requestAnimationFrame(resolve));
			taken.push(performance.now() - from);
		}
		return taken;
	}, count);

/** The page behind a maker's link in Chromium. @param {string} address @param {string} code @param {string} executablePath */
async function benchMaker(address, code, executablePath) {
	const made = await fetch(`${address}/make/${code}?/link`, {
		method: 'POST',
		headers: { origin: address, accept: 'application/json', 'x-sveltekit-action': 'true' },
		body: new URLSearchParams({ key: crypto.randomUUID() })
	});
	const [link = ''] = /\/m\/[\w-]{64}/.exec(await made.text()) ?? [];
	const browser = await chromium.launch({ executablePath, args: chromiumArguments });
	try {
		const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
		await page.goto(address + link);
		await page.locator('html[data-scripts=on]').waitFor();
		await rowTimes(page, 10);
		const times = await rowTimes(page, 80);
		print('make: a row painted, median', quantile(times, 0.5), 'ms', 16);
		print('make: a row painted, 95th percentile', quantile(times, 0.95), 'ms');
		const session = await page.context().newCDPSession(page);
		await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
		const slow = await rowTimes(page, 60);
		print('make: a row painted, processor 4 times slower', quantile(slow, 0.5), 'ms', 50);
		/** @type {number[]} */
		const opened = [];
		for (let visit = 0; visit < 5; visit++) {
			const first = await (await browser.newContext()).newPage();
			await slowLine(first);
			const from = performance.now();
			await first.goto(address + link);
			await first.locator('html[data-scripts=on]').waitFor();
			opened.push((performance.now() - from) / 1000);
			await first.context().close();
		}
		print('make: usable at 400 kbit/s and 400 ms, median of 5', quantile(opened, 0.5), 's', 3);
	} finally {
		await browser.close();
	}
}

/** Begins mats by the plans there are until there are so many. @param {string} address @param {pg.Client} client @param {number} count */
export async function growMats(address, client, count) {
	const { rows: plans } = await client.query(
		'select id from plan where group_id = $1 and deleted_at is null order by id',
		[group]
	);
	const { rows: before } = await client.query(
		`select count(*)::integer as mats from thing where group_id = $1 and sort = 'mat'`,
		[group]
	);
	const plan = (/** @type {number} */ index) => ({ plan: plans[index % plans.length].id });
	await send(address, 'begin', plan, Math.max(0, count - before[0].mats));
}

/** @param {string} address @param {string} databaseUrl @param {string} executablePath */
export async function benchMake(address, databaseUrl, executablePath) {
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		await growMats(address, client, 300);
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
		await benchMaker(address, mats[9].code, executablePath);
		const { own, bare } = await besideBare(address, '/make');
		print('make: /make with 300 mats, 95th percentile', own, 'ms');
		print('make: /make, against a bare page alike', own / bare, 'times', 1.5);
	} finally {
		await client.end();
	}
}
