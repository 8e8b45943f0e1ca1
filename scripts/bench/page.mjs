// The bench in Chromium: what is sent at first, and how soon a change is painted.
import { chromium } from '@playwright/test';
import { gzipSync } from 'node:zlib';
import { chromiumArguments } from '../lib/chromium.mjs';
import { print, quantile } from './figures.mjs';

/** Times from the input event to the frame after it, in ms. @param {import('@playwright/test').Page} page @param {number} count */
function paintTimes(page, count) {
	return page.evaluate(async (times) => {
		const field = /** @type {HTMLInputElement} */ (document.querySelector('#mat_width'));
		const tally = /** @type {HTMLElement} */ (
			document.querySelector('[data-tally=toCollect] [data-figure]')
		);
		/** @type {number[]} */
		const taken = [];
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
			if (tally.textContent === before) throw new Error('the tally did not change');
		}
		return taken;
	}, count);
}

/** @param {string} address @param {string} executablePath */
export async function benchPage(address, executablePath) {
	const browser = await chromium.launch({ executablePath, args: chromiumArguments });
	try {
		const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
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
		const paint = await page.evaluate(
			() =>
				new Promise((resolve) => {
					new PerformanceObserver((list) =>
						resolve(list.getEntries().at(-1)?.startTime ?? NaN)
					).observe({
						type: 'largest-contentful-paint',
						buffered: true
					});
				})
		);
		print('page: largest contentful paint', /** @type {number} */ (paint), 'ms', 1200);
		await paintTimes(page, 30);
		const times = await paintTimes(page, 300);
		print('page: input to painted tally, median', quantile(times, 0.5), 'ms', 16);
		print('page: input to painted tally, 95th percentile', quantile(times, 0.95), 'ms', 50);
		const session = await page.context().newCDPSession(page);
		await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
		const slow = await paintTimes(page, 100);
		print('page: the same, processor slowed 4 times, median', quantile(slow, 0.5), 'ms');
		print('page: the same, processor slowed 4 times, 95th percentile', quantile(slow, 0.95), 'ms');
	} finally {
		await browser.close();
	}
}
