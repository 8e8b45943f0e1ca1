// The sorting table and the shelves in Chromium, and the sheets: how soon a tap is painted, a shelf drawn, a sheet there.
import { chromium } from '@playwright/test';
import { chromiumArguments } from '../lib/chromium.mjs';
import { print, quantile } from './figures.mjs';
import { said } from '../lib/said.mjs';

/** @typedef {import('@playwright/test').Page} Page */

/** From a tap on a pile to the frame that shows it, ms. @param {Page} page @param {number} count */
const tapTimes = (page, count) =>
	page.evaluate(async (times) => {
		const pile = /** @type {HTMLElement} */ (document.querySelector('[data-tap=sound]'));
		const shown = () => pile.querySelector('[data-count]')?.textContent;
		/** @type {number[]} */
		const taken = [];
		for (let i = 0; i < times; i++) {
			await new Promise((resolve) => setTimeout(resolve, 20 + ((i * 7) % 17)));
			const before = shown();
			const from = performance.now();
			pile.click();
			await new Promise((resolve) =>
				requestAnimationFrame(() => {
					const channel = new MessageChannel();
					channel.port1.onmessage = resolve;
					channel.port2.postMessage(0);
				})
			);
			taken.push(performance.now() - from);
			if (shown() === before) throw new Error('a tap was not shown');
		}
		return taken;
	}, count);

/** Every stack of the shelves at another height with another count, styles and layout with it, ms. @param {Page} page */
const shelfTimes = (page) =>
	page.evaluate(async () => {
		const stacks = [...document.querySelectorAll('[data-height]')].map((stack) => ({
			film: /** @type {HTMLElement} */ (stack.querySelector('.film-stack')),
			count: /** @type {HTMLElement} */ (stack.querySelector('.figure'))
		}));
		if (stacks.length < 40) throw new Error(`only ${stacks.length} stacks`);
		/** @type {number[]} */
		const taken = [];
		for (let i = 0; i < 80; i++) {
			await new Promise((resolve) => requestAnimationFrame(resolve));
			const from = performance.now();
			for (const [at, { film, count }] of stacks.entries()) {
				const bags = 10 + ((i * 37 + at * 11) % 110);
				film.style.height = `${bags}px`;
				count.textContent = `${bags}`;
			}
			document.body.getBoundingClientRect();
			taken.push(performance.now() - from);
		}
		return taken;
	});

/** @param {string} address @param {string} executablePath */
export async function benchTrestle(address, executablePath) {
	const browser = await chromium.launch({ executablePath, args: chromiumArguments });
	try {
		const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
		const ready = () => page.locator('html[data-scripts=on]').waitFor();
		await page.goto(`${address}/gather/sort`);
		await ready();
		const times = await tapTimes(page, 150);
		print('trestle: a tap painted, median', quantile(times, 0.5), 'ms', 16);
		print('trestle: a tap painted, 95th percentile', quantile(times, 0.95), 'ms');
		const session = await page.context().newCDPSession(page);
		await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
		const slow = await tapTimes(page, 80);
		print(
			'trestle: a tap painted, processor slowed 4 times, median',
			quantile(slow, 0.5),
			'ms',
			50
		);
		print('trestle: a tap painted, processor slowed 4 times, 95th', quantile(slow, 0.95), 'ms');
		await session.send('Emulation.setCPUThrottlingRate', { rate: 1 });

		const valuesOf = (/** @type {string} */ field) =>
			page
				.locator(`${field} option`)
				.evaluateAll((all) => all.map((one) => /** @type {HTMLOptionElement} */ (one).value));
		const [kinds, colours] = [await valuesOf('#sorting-kind'), await valuesOf('#sorting-colour')];
		const entries = kinds.slice(0, 2).flatMap((kind) =>
			colours.flatMap((colour) =>
				['bag', 'stuffing'].map((form) => ({
					key: crypto.randomUUID(),
					type: 'movement',
					typed: { kind, colour, form, direction: 'in', amount: '40', reason: 'counted' }
				}))
			)
		);
		await page.request.post(`${address}/api/entries`, { data: { entries } });
		await page.goto(`${address}/gather/store`);
		await ready();
		print(
			'trestle: shelves of 40 stacks drawn, median',
			quantile(await shelfTimes(page), 0.5),
			'ms',
			8
		);

		await page.goto(`${address}/plan`);
		await ready();
		await page.getByRole('button', { name: said('plan', 'views.print'), exact: true }).click();
		for (const link of await page.locator('[data-sheet]').all()) {
			const href = `${address}${await link.getAttribute('href')}`;
			/** @type {number[]} */
			const taken = [];
			for (let i = 0; i < 12; i++) {
				const from = performance.now();
				await (await fetch(href)).arrayBuffer();
				taken.push(performance.now() - from);
			}
			const name = await link.getAttribute('data-sheet');
			print(`trestle: the ${name} sheet, median`, quantile(taken, 0.5), 'ms', 400);
			print(`trestle: the ${name} sheet, slowest`, Math.max(...taken), 'ms');
		}
	} finally {
		await browser.close();
	}
}
