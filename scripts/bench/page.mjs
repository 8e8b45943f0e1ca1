// The bench in Chromium: what is sent at first, and how soon a change is painted.
import { chromium } from '@playwright/test';
import http from 'node:http';
import { gzipSync } from 'node:zlib';
import { chromiumArguments } from '../lib/chromium.mjs';
import { print, quantile } from './figures.mjs';
import { said } from '../lib/said.mjs';

const desk = { width: 1280, height: 800 };

/** @typedef {import('@playwright/test').Page} Page */

/** Times from the input event to the frame after it, in ms. @param {Page} page @param {number} count */
function paintTimes(page, count) {
	return page.evaluate(async (times) => {
		const field = /** @type {HTMLInputElement} */ (document.querySelector('#mat_width'));
		const tally = /** @type {HTMLElement} */ (
			document.querySelector('[data-tally=toCollect] [data-figure]')
		);
		/** @type {number[]} */
		const taken = [];
		let same = 0;
		for (let i = 0; i < times; i++) {
			// At any moment of a frame, as a hand does.
			await new Promise((resolve) => setTimeout(resolve, 20 + ((i * 7) % 17)));
			const before = tally.textContent;
			field.value = `${60 + ((i * 13) % 60)} cm`;
			const from = performance.now();
			field.dispatchEvent(new Event('input', { bubbles: true }));
			await new Promise((resolve) =>
				requestAnimationFrame(() => {
					const channel = new MessageChannel();
					channel.port1.onmessage = resolve;
					channel.port2.postMessage(0);
				})
			);
			taken.push(performance.now() - from);
			// Whole bands make two widths in a row the same mat now and then.
			if (tally.textContent === before) same++;
		}
		if (same > times / 3) throw new Error('the tally did not change');
		return taken;
	}, count);
}

/** @param {Page} page @param {string} name @param {number} count @param {number} [median] @param {number} [most] */
async function printPaint(page, name, count, median, most) {
	const times = await paintTimes(page, count);
	print(`page: ${name}, median`, quantile(times, 0.5), 'ms', median);
	print(`page: ${name}, 95th percentile`, quantile(times, 0.95), 'ms', most);
}

/** First load: bytes of script, requests to strangers. @param {Page} page @param {string} address */
async function benchLoad(page, address) {
	let scriptBytes = 0;
	let strangers = 0;
	/** @type {Promise<void>[]} */
	const measuring = [];
	page.on('response', (response) => {
		if (!response.url().startsWith(address)) strangers++;
		if (response.url().endsWith('.js')) {
			measuring.push(response.body().then((body) => void (scriptBytes += gzipSync(body).length)));
		}
	});
	await page.goto(`${address}/plan`, { waitUntil: 'networkidle' });
	await Promise.all(measuring);
	print('page: first-load JavaScript, gzip', scriptBytes / 1000, 'kB', 110);
	print('page: requests that leave the origin', strangers, '', 0);
}

/** The largest paint of first visits: each in a browser that has just been started, ms. @param {string} address @param {string} executablePath @param {number} visits */
export async function largestPaints(address, executablePath, visits) {
	/** @type {number[]} */
	const paints = [];
	for (let visit = 0; visit < visits; visit++) {
		const browser = await chromium.launch({ executablePath, args: chromiumArguments });
		try {
			const page = await browser.newPage({ viewport: desk });
			await page.goto(address, { waitUntil: 'networkidle' });
			const paint = await page.evaluate(
				() =>
					new Promise((resolve) => {
						new PerformanceObserver((list) =>
							resolve(list.getEntries().at(-1)?.startTime ?? NaN)
						).observe({ type: 'largest-contentful-paint', buffered: true });
					})
			);
			paints.push(/** @type {number} */ (paint));
		} finally {
			await browser.close();
		}
	}
	return paints;
}

/** @param {string} address @param {string} executablePath */
async function benchLargestPaint(address, executablePath) {
	const paints = await largestPaints(`${address}/plan`, executablePath, 5);
	print('page: largest contentful paint, median of five', quantile(paints, 0.5), 'ms', 1200);
	print('page: largest contentful paint, slowest', Math.max(...paints), 'ms');
}

/** Redraws a striped mat of some 200 rows over and over: what one drawing takes, scripts and layout together. @param {Page} page */
async function benchDrawing(page) {
	const add = page.getByRole('button', { name: said('plan', 'BallRow.addABall') });
	for (let ball = 0; ball < 6; ball++) await add.click();
	const taken = await page.evaluate(async () => {
		const field = /** @type {HTMLInputElement} */ (document.querySelector('#sleeper_height'));
		/** @type {number[]} */
		const times = [];
		for (let i = 0; i < 120; i++) {
			await new Promise((resolve) => requestAnimationFrame(resolve));
			field.value = `${150 + (i % 40)} cm`;
			const from = performance.now();
			field.dispatchEvent(new Event('input', { bubbles: true }));
			await Promise.resolve();
			// Layout is part of a frame: reading a box makes it happen now.
			document.querySelector('main svg')?.getBoundingClientRect();
			times.push(performance.now() - from);
		}
		return times;
	});
	print('page: drawing a striped mat of 211 rows, median', quantile(taken, 0.5), 'ms', 8);
}

/** The field of all methods: how soon it stands, and the longest the page was held up meanwhile. @param {Page} page */
async function benchField(page) {
	await page.evaluate(() => {
		const held = /** @type {any} */ (window);
		held.longest = 0;
		new PerformanceObserver((list) => {
			for (const { duration } of list.getEntries()) held.longest = Math.max(held.longest, duration);
		}).observe({ type: 'longtask', buffered: false });
	});
	await page.getByRole('button', { name: 'Compare', exact: true }).click();
	const took = page.locator('[data-took]');
	await took.waitFor({ state: 'attached' });
	/** @type {number[]} */
	const times = [];
	for (let run = 0; run < 7; run++) {
		await page.evaluate(() => {
			Object.assign(window, { longest: 0 });
		});
		const before = await took.getAttribute('data-took');
		await page.locator('#mat_width').fill(`${80 + run} cm`);
		await page.waitForFunction(
			(text) => document.querySelector('[data-took]')?.getAttribute('data-took') !== text,
			before
		);
		times.push(Number(await took.getAttribute('data-took')));
	}
	await page.waitForTimeout(300);
	const longest = await page.evaluate(() => /** @type {any} */ (window).longest);
	print('page: the field of all methods, median', quantile(times, 0.5), 'ms', 400);
	print('page: longest frame it blocked', longest, 'ms', 50);
}

/** What the page weighs as it travels, and when it can be used on a thin line: at first, and again. @param {string} address @param {string} executablePath */
async function benchThinLine(address, executablePath) {
	const html = await new Promise((resolve, reject) => {
		http
			.get(`${address}/plan`, { headers: { 'accept-encoding': 'gzip' } }, (answer) => {
				let bytes = 0;
				answer.on('data', (part) => (bytes += part.length));
				answer.on('end', () => resolve(bytes));
			})
			.on('error', reject);
	});
	print('page: HTML of the plan page, as it travels', Number(html) / 1000, 'kB', 25);
	/** @type {number[][]} */
	const usable = [[], []];
	for (let visit = 0; visit < 3; visit++) {
		const browser = await chromium.launch({ executablePath, args: chromiumArguments });
		try {
			const page = await browser.newPage({ viewport: desk });
			const session = await page.context().newCDPSession(page);
			await session.send('Network.enable');
			await session.send('Network.emulateNetworkConditions', {
				offline: false,
				latency: 400,
				downloadThroughput: 50_000,
				uploadThroughput: 50_000
			});
			for (const times of usable) {
				const from = performance.now();
				await page.goto(`${address}/plan`, { waitUntil: 'commit' });
				await page.locator('html[data-scripts=on]').waitFor();
				times.push(performance.now() - from);
			}
		} finally {
			await browser.close();
		}
	}
	const [first = [], again = []] = usable;
	print('page: usable at 400 kbit/s and 400 ms, first', quantile(first, 0.5) / 1000, 's', 6);
	print('page: usable at 400 kbit/s and 400 ms, again', quantile(again, 0.5) / 1000, 's', 3);
}

/** @param {string} address @param {string} executablePath */
export async function benchPage(address, executablePath) {
	await benchThinLine(address, executablePath);
	await benchLargestPaint(address, executablePath);
	const browser = await chromium.launch({ executablePath, args: chromiumArguments });
	try {
		const page = await browser.newPage({ viewport: desk });
		await benchLoad(page, address);
		await page.locator('html[data-scripts=on]').waitFor();
		await page.locator('[data-step=size] summary').click();
		// Its code comes with its first opening.
		await page.waitForLoadState('networkidle');
		await paintTimes(page, 30);
		await printPaint(page, 'input to painted tally, crochet', 200, 16, 50);
		for (const technique of ['peg-loom', 'twined', 'finger-bands']) {
			await page.locator('[data-step=technique] summary').click();
			await page.locator(`label:has(input[name=technique][value=${technique}])`).click();
			await page.locator('[data-step=size] summary').click();
			await paintTimes(page, 20);
			await printPaint(page, `input to painted tally, ${technique}`, 120, 16, 50);
		}
		await page.locator('[data-step=technique] summary').click();
		await page.locator('label:has(input[name=technique][value=crochet])').click();
		await page.locator('[data-step=size] summary').click();
		await page.locator('#mat_width').fill('85 cm');
		await benchDrawing(page);
		await benchField(page);
		await page.getByRole('button', { name: said('plan', 'views.theMat') }).click();
		const session = await page.context().newCDPSession(page);
		await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
		await printPaint(page, 'input to painted tally, processor slowed 4 times', 80, 33, 60);
	} finally {
		await browser.close();
	}
}
