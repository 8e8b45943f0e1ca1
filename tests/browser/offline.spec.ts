import * as routesWords from '../../src/lib/words/routes';
import * as checkWords from '../../src/lib/words/check';
import * as commonWords from '../../src/lib/words/common';
import * as gatherWords from '../../src/lib/words/gather';
import * as prepareWords from '../../src/lib/words/prepare';
import * as tableDayWords from '../../src/lib/words/table-day';
import { createServer, request as connect } from 'node:http';
import { text } from 'node:stream/consumers';
import type { Page } from '@playwright/test';
import { startApp } from '../../scripts/lib/app.mjs';
import { freePort } from '../../scripts/lib/cluster.mjs';
import { pagesToLayBy } from '../../src/lib/routes/laid-pages';
import { expect, expectAccessible, ready, test, goOffline } from './app';
import { rows } from './table-world';

test.use({
	world: 'offline',
	serviceWorkers: 'allow',
	allowed: ['ERR_INTERNET_DISCONNECTED', 'Failed to fetch', 'Failed to load resource']
});

/** Waits until the device has every page of the table. */
const laidBy = (page: Page) =>
	expect
		.poll(
			() =>
				page.evaluate(async (wanted) => {
					const laid = await (await caches.open('laid pages')).keys();
					const at = laid.map(({ url }) => new URL(url).pathname);
					return wanted.filter((one) => !at.includes(one) || !at.includes(`${one}/__data.json`));
				}, pagesToLayBy),
			{ timeout: 60_000 }
		)
		.toEqual([]);

test('after a first visit every page of the table opens without network, says its age, and takes what is typed', async ({
	page,
	context,
	app
}) => {
	test.slow();
	await page.goto('/gather');
	await ready(page);
	await laidBy(page);
	await goOffline(page);
	for (const path of pagesToLayBy) {
		await page.goto(path);
		await ready(page);
		await expect(page.getByRole('main')).toBeVisible();
		await expect(page.locator('[data-laid-by]')).toContainText(
			/This page is from (just now|\d+ minutes? ago), at/
		);
	}
	await page.goto('/gather');
	await ready(page);
	await expectAccessible(page);
	await page.getByLabel(gatherWords.DropOffForm.from(), { exact: true }).fill('Allotment shop');
	await page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true }).fill('70');
	await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
	await expect(page.getByText(prepareWords.trestle.waitingOnThisDevice())).toBeVisible();
	// Gone to from page to page, and back: it waits still.
	await page.getByRole('link', { name: checkWords.CheckPage.make(), exact: true }).click();
	await expect(page).toHaveURL(/\/make$/);
	await expect(page.locator('[data-laid-by]')).toBeVisible();
	await page.reload();
	await ready(page);
	await page.goto('/gather');
	await expect(page.getByText('1 entry waits on this device')).toBeVisible();
	// The network is back: it goes up, and the page is as it is now.
	await context.setOffline(false);
	await expect(
		page.locator('[data-lately]').filter({ hasText: 'Allotment shop' }).first()
	).toContainText('70', {
		timeout: 20_000
	});
	await expect(page.locator('[data-laid-by]')).toHaveCount(0);
	expect(await rows(app, "select id from entry where type = 'drop-off'")).toHaveLength(1);
	expect(await page.evaluate(() => navigator.storage.persist())).toEqual(expect.any(Boolean));
});

test('three tabs of a day without network send what they have once, each in its order', async ({
	context,
	app
}) => {
	test.slow();
	const tabs = [await context.newPage(), await context.newPage(), await context.newPage()];
	for (const tab of tabs) {
		await tab.goto(`${app.address}/gather`);
		await ready(tab);
	}
	await goOffline(...tabs);
	for (const round of [1, 2, 3, 4])
		for (const [at, tab] of tabs.entries()) {
			await tab.getByLabel(gatherWords.DropOffForm.from(), { exact: true }).fill(`Tab ${at}`);
			await tab.getByLabel(gatherWords.DropOffForm.bags(), { exact: true }).fill(`${round}${at}0`);
			await tab.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
			await expect(tab.getByLabel(gatherWords.DropOffForm.bags(), { exact: true })).toHaveValue('');
		}
	const [first] = tabs;
	if (first) await expect(first.getByText('12 entries wait on this device')).toBeVisible();
	// One is closed with what it typed; another sends it.
	await tabs[2]?.close();
	await context.setOffline(false);
	const kept = () =>
		rows<{ bags: string }>(
			app,
			"select typed ->> 'bags' as bags from entry where typed ->> 'place' like 'Tab %' order by id"
		);
	await expect.poll(async () => (await kept()).length, { timeout: 30_000 }).toBe(12);
	// And no tab sends it again.
	await tabs[0]?.reload();
	await tabs[1]?.waitForTimeout(5000);
	const bags = (await kept()).map((entry) => entry.bags);
	expect(bags).toHaveLength(12);
	expect(new Set(bags).size).toBe(12);
	expect(bags).toEqual([...bags].sort());
});

test('can be installed: its manifest names icons that are there, of the size they say', async ({
	request
}) => {
	const manifest = await request.get('/manifest.webmanifest');
	expect(manifest.headers()['content-type']).toContain('application/manifest+json');
	const { icons, start_url: start, display } = await manifest.json();
	expect([start, display]).toEqual(['/', 'standalone']);
	for (const { src, sizes, type } of icons as { src: string; sizes: string; type: string }[]) {
		const icon = await request.get(src);
		expect(icon.headers()['content-type']).toContain(type);
		if (type !== 'image/png') continue;
		const bytes = await icon.body();
		expect(`${bytes.readUInt32BE(16)}x${bytes.readUInt32BE(20)}`).toBe(sizes);
	}
});

test('where a page never came, what can be done without network is named and leads there', async ({
	page,
	context
}) => {
	await page.goto('/gather');
	await ready(page);
	await laidBy(page);
	await context.setOffline(true);
	await page.goto('/plans');
	await expect(page.getByRole('heading', { level: 1 })).toHaveText(commonWords.offlinePage.title());
	await page.getByRole('link', { name: routesWords.names.gather(), exact: true }).click();
	await expect(page.locator('[data-laid-by]')).toBeVisible();
	await context.setOffline(false);
});

test('a new version takes over, with every page that is laid by and what waits', async ({
	context,
	app
}) => {
	test.slow();
	/** Versions as the worker is built with them, and the next ones as it is given out. */
	const versions: [string, string][] = [];
	const port = await freePort();
	const origin = `http://127.0.0.1:${port}`;
	const behind = await startApp({
		databaseUrl: app.databaseUrl,
		port: await freePort(),
		origin,
		stdio: 'ignore'
	});
	const front = createServer((asked, given) => {
		const { method, headers, url: path } = asked;
		const isWorker = path === '/service-worker.js';
		const at = { host: '127.0.0.1', port: new URL(behind.address).port };
		if (isWorker) delete headers['accept-encoding'];
		const on = connect({ ...at, method, headers, path }, async (answer) => {
			if (isWorker) {
				let script = await text(answer);
				for (const [one, next] of versions) script = script.replaceAll(one, next);
				given.setHeader('content-type', 'text/javascript').end(script);
				return;
			}
			given.writeHead(answer.statusCode ?? 502, answer.headers);
			answer.pipe(given);
		});
		on.on('error', () => given.destroy());
		asked.pipe(on);
	});
	await new Promise<void>((done) => front.listen(port, '127.0.0.1', done));
	const page = await context.newPage();
	await page.goto(`${origin}/gather`);
	await ready(page);
	await laidBy(page);
	const partsOf = () =>
		page.evaluate(async () =>
			(await caches.keys()).filter((name) => name.startsWith('laid parts')).sort()
		);
	const [former = ''] = await partsOf();
	await goOffline(page);
	await page.getByLabel(gatherWords.DropOffForm.from(), { exact: true }).fill('Lighthouse kitchen');
	await page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true }).fill('35');
	await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
	await expect(page.getByText('1 entry waits on this device')).toBeVisible();
	// The entries cannot go up yet, while the new version is there to be fetched.
	await context.route('**/api/entries', (route) => route.abort());
	versions.push([former.replace('laid parts ', ''), 'the-next']);
	await context.setOffline(false);
	// A browser asks for the next version whenever a page opens, and again where fetching it failed.
	const askAgain = () =>
		page.evaluate(async () => void (await (await navigator.serviceWorker.ready).update()));
	await expect(async () => {
		await askAgain().catch(() => undefined);
		expect(await partsOf()).toEqual(['laid parts the-next']);
	}).toPass({ timeout: 90_000 });
	await laidBy(page);
	await goOffline(page);
	await page.goto(`${origin}/make`);
	await ready(page);
	await expect(page.locator('[data-laid-by]')).toBeVisible();
	await page.goto(`${origin}/gather`);
	await ready(page);
	await expect(page.getByText('1 entry waits on this device')).toBeVisible();
	await context.unrouteAll();
	await context.setOffline(false);
	await expect
		.poll(() => rows(app, "select id from entry where typed ->> 'place' = 'Lighthouse kitchen'"), {
			timeout: 30_000
		})
		.toHaveLength(1);
	await page.close();
	front.closeAllConnections();
	front.close();
	await behind.stop();
});

test('a table day that is planned without network waits, in its turn, and is planned once', async ({
	page,
	context,
	app
}) => {
	test.slow();
	await page.goto('/prepare/days');
	await ready(page);
	await laidBy(page);
	await goOffline(page);
	const plan = async (day: string, place: string) => {
		await page.goto('/prepare/days');
		await ready(page);
		await page
			.locator('#new-day')
			.getByLabel(gatherWords.DropOffForm.on(), { exact: true })
			.fill(day);
		await page
			.locator('#new-day')
			.getByLabel(tableDayWords.PrepareDaysPage.where(), { exact: true })
			.fill(place);
		await page.getByRole('button', { name: tableDayWords.PrepareDaysPage.addTheDay() }).click();
	};
	await plan('2099-11-05', 'Boat shed');
	await expect(page.getByText('1 entry waits on this device')).toBeVisible();
	await expect(page).toHaveURL(/\/prepare\/days$/);
	// One that will not do holds up none behind it.
	await plan('2099-11-06', '');
	await plan('2099-11-12', 'Ferry hall');
	await expect(page.getByText('3 entries wait on this device')).toBeVisible();
	const days = () => rows<{ place: string }>(app, 'select place from table_day order by place');
	expect(await days()).toEqual([]);
	await context.setOffline(false);
	await expect
		.poll(days, { timeout: 30_000 })
		.toEqual([{ place: 'Boat shed' }, { place: 'Ferry hall' }]);
	await page.goto('/prepare/days');
	await expect(page.getByText('Not saved: a table day.')).toBeVisible();
	await expect(page.getByText('Please fill this in')).toBeVisible();
	await page.getByRole('button', { name: commonWords.WaitingList.throwItAway() }).click();
	await expect(page.getByText('Not saved:')).toHaveCount(0);
	expect(await days()).toHaveLength(2);
});
