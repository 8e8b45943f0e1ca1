// The pictures of the README: fixed clock, no animation, one file each main view.
import { chromium } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { chromiumArguments } from './chromium.mjs';
import { root, say } from './say.mjs';

const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

/** @typedef {import('@playwright/test').Page} Page */
/** @type {{ name: string, path: string, size?: typeof desk, isDark?: boolean, isWhole?: boolean, act?: (page: Page) => Promise<unknown> }[]} */
const shots = [
	{ name: 'bench', path: '/plan' },
	{
		name: 'bench-kept',
		path: '/plans',
		act: (page) => page.getByRole('link', { name: 'Thick mat from allotment' }).click()
	},
	{ name: 'bench-phone', path: '/plan', size: phone },
	{ name: 'bench-dark', path: '/plan', isDark: true },
	{ name: 'plans', path: '/plans' }
];

/** @param {string} address @param {string} executablePath @param {string} folder */
export async function takeShots(address, executablePath, folder) {
	const target = path.resolve(root, folder);
	mkdirSync(target, { recursive: true });
	const browser = await chromium.launch({ executablePath, args: chromiumArguments });
	try {
		for (const shot of shots) {
			const context = await browser.newContext({
				viewport: shot.size ?? desk,
				colorScheme: shot.isDark ? 'dark' : 'light',
				reducedMotion: 'reduce',
				locale: 'en-GB',
				timezoneId: 'UTC'
			});
			const page = await context.newPage();
			await page.clock.setFixedTime(new Date('2026-11-26T18:30:00Z'));
			await page.goto(address + shot.path, { waitUntil: 'networkidle' });
			await shot.act?.(page);
			await page.waitForLoadState('networkidle');
			await page.evaluate(() => document.fonts.ready);
			await page.screenshot({
				path: path.join(target, `${shot.name}.png`),
				animations: 'disabled',
				fullPage: shot.isWhole ?? false
			});
			await context.close();
			say(`${folder}/${shot.name}.png`);
		}
	} finally {
		await browser.close();
	}
}
