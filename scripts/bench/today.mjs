// The front door with 300 mats, 2,000 balls and 200,000 movements: beside a bare page, after something was
// kept, and as it is painted; and a season worked out in the page without holding up a frame.
import { chromium } from '@playwright/test';
import pg from 'pg';
import { chromiumArguments } from '../lib/chromium.mjs';
import { print, quantile } from './figures.mjs';
import { growLedger } from './gather.mjs';
import { growMats, send } from './make.mjs';
import { largestPaints } from './page.mjs';
import { besideBare } from './pages.mjs';
import { growBalls } from './prepare.mjs';

const group = '00000000-0000-4000-8000-000000000001';

/** The page as it is after something was kept: all of it is read anew. @param {string} address @param {pg.Client} client */
async function afterWrites(address, client) {
	const { rows: mats } = await client.query(
		`select code from thing where group_id = $1 and sort = 'mat' order by id desc limit 20`,
		[group]
	);
	/** @type {number[]} */
	const times = [];
	for (let nth = 0; nth < 10; nth++) {
		await send(address, 'row', () => ({ mat: mats[nth].code }), 1);
		const from = performance.now();
		const answer = await fetch(address);
		await answer.text();
		if (!answer.ok) throw new Error(`today answered ${answer.status}`);
		times.push(performance.now() - from);
	}
	print('today: after something was kept, median', quantile(times, 0.5), 'ms');
	print('today: after something was kept, slowest of ten', quantile(times, 1), 'ms');
}

/** The longest frame while the page works a season out. @param {string} address @param {string} executablePath */
async function frames(address, executablePath) {
	const browser = await chromium.launch({ executablePath, args: chromiumArguments });
	try {
		const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
		await page.goto(`${address}/season`);
		await page.locator('html[data-scripts=on]').waitFor();
		await page.evaluate(() => {
			const held = /** @type {{ longest?: number }} */ (globalThis);
			held.longest = 0;
			new PerformanceObserver((list) => {
				for (const { duration } of list.getEntries())
					held.longest = Math.max(held.longest ?? 0, duration);
			}).observe({ type: 'longtask' });
		});
		const from = performance.now();
		await page.locator('[data-lever=two-makers] a').first().click();
		await page.locator('[data-tried]', { hasText: 'two more makers' }).waitFor();
		print('today: a lever is tapped, and its band is there', performance.now() - from, 'ms');
		await page.locator('progress').waitFor();
		await page.locator('progress').waitFor({ state: 'detached', timeout: 60_000 });
		print('today: … all of it worked out anew', performance.now() - from, 'ms');
		const longest = await page.evaluate(() => /** @type {any} */ (globalThis).longest);
		print('today: … longest task of the page meanwhile', longest, 'ms', 50);
	} finally {
		await browser.close();
	}
}

/** @param {string} address @param {string} databaseUrl @param {string} executablePath */
export async function benchToday(address, databaseUrl, executablePath) {
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		await growMats(address, client, 300);
		await growBalls(client, 2000);
		await growLedger(client, 200_000);
		await client.query('analyze');
		// The season of so many is worked out once, before it is measured.
		await fetch(`${address}/season`);
		const { own, bare } = await besideBare(address, '/');
		print('today: 300 mats, 2,000 balls, 200,000 movements, 95th percentile', own, 'ms');
		print('today: … against a bare page alike', own / bare, 'times', 1.5);
		const paints = await largestPaints(address, executablePath, 5);
		print('today: largest contentful paint, median of five', quantile(paints, 0.5), 'ms', 1000);
		await afterWrites(address, client);
		await frames(address, executablePath);
	} finally {
		await client.end();
	}
}
