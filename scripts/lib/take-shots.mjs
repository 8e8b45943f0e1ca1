// The pictures of the README: fixed clock, no animation, one file each main view.
import { chromium } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { chromiumArguments } from './chromium.mjs';
import { root, say } from './say.mjs';
import { said } from './said.mjs';

const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

/** @typedef {import('@playwright/test').Page} Page */
/** @type {{ name: string, path: string, size?: typeof desk, isDark?: boolean, isWhole?: boolean, act?: (page: Page) => Promise<unknown> }[]} */
const shots = [
	{ name: 'bench', path: '/plans', act: (page) => open(page, 'Mat for the Causeway') },
	{
		name: 'compare',
		path: '/plans',
		size: { width: 1280, height: 1500 },
		async act(page) {
			await open(page, 'Mat for the Causeway');
			await page.getByRole('button', { name: said('plan', 'BenchActs.compareWithThis') }).click();
			await page.locator('label:has(input[name=style][value=spiral])').click();
			await view(page, 'Compare');
			await page.locator('[data-took]').waitFor();
		}
	},
	{
		name: 'make',
		path: '/plan',
		async act(page) {
			await view(page, 'What can I make?');
			await page.getByLabel('Bags: Thin carrier').fill('2400');
			await page.getByRole('button', { name: said('plan', 'MakeView.findTheBestMix') }).click();
			await page.getByText(/[\d.]+ m², in /).waitFor();
		}
	},
	{ name: 'mats', path: '/make' },
	{
		name: 'maker',
		path: '/make',
		size: phone,
		async act(page) {
			await page.getByRole('link', { name: 'Mabel' }).click();
			await page.getByRole('button', { name: said('making', 'MakerLink.createLink') }).click();
			await page.goto(await page.getByLabel(said('common', 'MadeLink.theNewLink')).inputValue());
			await page.locator('html[data-scripts=on]').waitFor();
		}
	},
	{
		name: 'check',
		path: '/check',
		size: { width: 1280, height: 1000 },
		async act(page) {
			await page.locator('[data-state=finished] a').click();
			await page.locator('[data-place="7"]').click();
			await page.getByLabel(said('check', 'checkWords.tailCameLoose')).check();
			await page.locator('[data-place="0"]').click();
			await page.getByLabel(said('check', 'CheckForm.length')).fill('185');
			await page.getByLabel(said('check', 'CheckForm.width'), { exact: true }).fill('85');
			await page.getByLabel(said('check', 'CheckForm.dryWeight')).fill('1.66 kg');
			await page.locator('[data-call]').waitFor();
		}
	},
	{
		name: 'photo',
		path: '/photo?of=bag',
		async act(page) {
			await page.getByRole('button', { name: said('photo', 'PhotoPage.useAnExample') }).click();
			await page.locator('[data-told]').waitFor({ timeout: 60_000 });
		}
	},
	{ name: 'today', path: '/', act: (page) => page.locator('[data-chance]').waitFor() },
	{ name: 'season', path: '/season', act: (page) => page.locator('[data-weeks]').waitFor() },
	{
		name: 'hand-over',
		path: '/hand-over',
		async act(page) {
			await page.locator('[data-ready] label').first().click();
			await page.locator('[data-crates]').waitFor();
		}
	},
	{ name: 'gather', path: '/gather' },
	{ name: 'store', path: '/gather/store' },
	{ name: 'asks', path: '/gather/asks' },
	{
		name: 'know-how',
		path: '/know-how/first-row',
		act: async (page) => {
			await page.getByRole('button', { name: said('know-how', 'ActSteps.next') }).click();
			await page.locator('[data-step="2"]').waitFor();
			await page.getByLabel(said('know-how', 'ActSteps.howFar')).fill('100');
		}
	},
	{ name: 'measures', path: '/measures' },
	{ name: 'table', path: '/prepare' },
	{ name: 'balls', path: '/prepare/balls' },
	{
		name: 'day',
		path: '/prepare/days/00000000-0000-4000-8000-000000009005',
		act: (page) => page.getByText(/\d+–\d+ by 20:30/).waitFor()
	},
	{
		name: 'people',
		path: '/people',
		act: async (page) => {
			await page.getByRole('link', { name: 'Kit', exact: true }).click();
			await page.locator('[data-person-form]').scrollIntoViewIfNeeded();
		}
	}
];

/** @param {Page} page @param {string} name */
async function open(page, name) {
	await page.getByRole('link', { name }).click();
	await page.waitForURL(/\/plan\/[0-9a-f-]{36}/);
	await page.waitForLoadState('networkidle');
}

/** @param {Page} page @param {string} name */
const view = (page, name) => page.getByRole('button', { name, exact: true }).click();

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
			await page.locator('html[data-scripts=on]').waitFor();
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
