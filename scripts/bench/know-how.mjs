// The know-how: how soon an act opens once the application is there, how smoothly it moves, on this machine and on
// one four times slower, and how much script its pages bring.
import { chromium } from '@playwright/test';
import { gzipSync } from 'node:zlib';
import { chromiumArguments } from '../lib/chromium.mjs';
import { print, quantile } from './figures.mjs';
import { said } from '../lib/said.mjs';

/** @typedef {import('@playwright/test').Page} Page */

const ready = (/** @type {Page} */ page) => page.locator('html[data-scripts=on]').waitFor();

/** Opens every act from the list, as a hand does: from the press to its first step as it is drawn. @param {Page} page @param {string} address */
async function opening(page, address) {
	await page.goto(`${address}/know-how`);
	await ready(page);
	const names = await page
		.locator('section[aria-labelledby^="acts-"] a')
		.evaluateAll((links) => links.map((link) => link.getAttribute('href') ?? ''));
	/** @type {number[]} */
	const times = [];
	// The first is opened twice: what every act is made of is loaded then.
	for (const href of [names[0] ?? '', ...names]) {
		await page.goto(`${address}/know-how`);
		await ready(page);
		// In the page itself, so that nothing but the page is measured.
		times.push(
			await page.evaluate(
				(path) =>
					new Promise((resolve) => {
						const link = /** @type {HTMLElement} */ (document.querySelector(`a[href="${path}"]`));
						const from = performance.now();
						const seen = new MutationObserver(() => {
							if (!document.querySelector('[data-step="1"] svg path')) return;
							seen.disconnect();
							requestAnimationFrame(() => resolve(performance.now() - from));
						});
						seen.observe(document.body, { childList: true, subtree: true });
						link.click();
					}),
				href
			)
		);
	}
	times.shift();
	print(`know-how: an act opens, median of ${times.length}`, quantile(times, 0.5), 'ms', 100);
	print('know-how: … the slowest', quantile(times, 1), 'ms', 100);
}

/** Frames a second while an act moves. @param {Page} page @param {string} address @param {string} act */
async function framesOf(page, address, act) {
	await page.goto(`${address}/know-how/${act}`);
	await ready(page);
	await page.getByLabel(said('know-how', 'ActSteps.secondsAStep')).selectOption('1.5');
	await page.getByRole('button', { name: said('know-how', 'ActSteps.letItMove') }).click();
	return page.evaluate(
		() =>
			new Promise((resolve) => {
				let frames = 0;
				const from = performance.now();
				const next = (/** @type {number} */ now) => {
					frames++;
					if (now - from < 4000) requestAnimationFrame(next);
					else resolve((1000 * frames) / (now - from));
				};
				requestAnimationFrame(next);
			})
	);
}

/** @param {string} address @param {string} executablePath */
export async function benchKnowHow(address, executablePath) {
	const browser = await chromium.launch({ executablePath, args: chromiumArguments });
	try {
		const context = await browser.newContext({ serviceWorkers: 'block' });
		const page = await context.newPage();
		await opening(page, address);
		const session = await context.newCDPSession(page);
		for (const [rate, bound] of /** @type {const} */ ([
			[1, 59],
			[4, 30]
		])) {
			await session.send('Emulation.setCPUThrottlingRate', { rate });
			for (const act of ['loop-joint', 'over-under', 'twine', 'ball-fingers', 'spin']) {
				const frames = Number(await framesOf(page, address, act));
				process.stdout.write(
					`${`know-how: ${act} moves${rate > 1 ? `, ${rate} times slowed` : ''}`.padEnd(58)} ${frames.toFixed(1).padStart(10)} frames/s${frames >= bound ? `  at least ${bound}` : `  UNDER ${bound}`}\n`
				);
			}
		}
		await session.send('Emulation.setCPUThrottlingRate', { rate: 1 });
		for (const path of ['', '/loop-joint', '/practice?kind=fault&seed=3', '/faults', '/words']) {
			const fresh = await browser.newContext({ serviceWorkers: 'block' });
			const first = await fresh.newPage();
			/** @type {Promise<number>[]} */
			const sizes = [];
			first.on('response', (answer) => {
				if (answer.request().resourceType() === 'script')
					sizes.push(answer.body().then((body) => gzipSync(body).length));
			});
			await first.goto(`${address}/know-how${path}`, { waitUntil: 'networkidle' });
			const bytes = (await Promise.all(sizes)).reduce((sum, size) => sum + size, 0);
			print(
				`know-how: scripts of ${path === '' ? 'its list' : path.slice(1, 20)}, gzip`,
				bytes / 1000,
				'kB',
				110
			);
			await fresh.close();
		}
	} finally {
		await browser.close();
	}
}
