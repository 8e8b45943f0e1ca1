import * as commonWords from '../../src/lib/words/common';
import * as houseWords from '../../src/lib/words/house';
import * as peopleWords from '../../src/lib/words/people';
import * as planWords from '../../src/lib/words/plan';
import * as tableDayWords from '../../src/lib/words/table-day';
import http from 'node:http';
import { readFileSync } from 'node:fs';
import { canRead } from '../../scripts/lib/app-user.mjs';
import { startApp } from '../../scripts/lib/app.mjs';
import { firstWord } from '../../scripts/lib/sign-in.mjs';
import { passphrase } from './visitor';
import { freePort } from '../../scripts/lib/cluster.mjs';
import { expect, expectAccessible, keep, ready, tally, test } from './app';

test.use({ world: 'book', allowed: ['status of 422', 'status of 404'] });

/** What an application answers to a request that names it as a proxy would. */
const ask = (port: number, host: string, path: string, method = 'GET', headers = {}, body = '') =>
	new Promise<{ status: number; text: string; headers: http.IncomingHttpHeaders }>(
		(done, failed) => {
			const length = { 'content-length': String(Buffer.byteLength(body)) };
			const request = http.request(
				{ port, host: '127.0.0.1', path, method, headers: { host, ...length, ...headers } },
				(answer) => {
					let text = '';
					answer.on('data', (part) => (text += String(part)));
					answer.on('end', () =>
						done({ status: answer.statusCode ?? 0, text, headers: answer.headers })
					);
				}
			);
			request.on('error', failed);
			request.end(body);
		}
	);

test('a link opens one plan to read, until it is revoked', async ({ page, browser, app }) => {
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Mat for the Causeway Winter Rooms');
	const bags = await tally(page, 'toCollect').innerText();
	await page.goto('/plans');
	await page.getByText('Change Mat for the Causeway').click();
	await page.getByRole('button', { name: planWords.PlansPage.createALinkToIt() }).click();
	const address = await page.getByLabel(commonWords.MadeLink.theNewLink()).inputValue();
	expect(address).toMatch(new RegExp(`^${app.address}/l/[\\w-]{64}$`));
	await expect(page.getByText('Phones cannot open the link yet')).toBeVisible();
	await expectAccessible(page);

	const reader = await browser.newContext({ viewport: { width: 360, height: 740 } });
	const phone = await reader.newPage();
	const opened = await phone.goto(address);
	expect(opened?.headers()).toMatchObject({
		'referrer-policy': 'no-referrer',
		'cache-control': 'no-store',
		'x-robots-tag': 'noindex'
	});
	await expect(phone.getByRole('heading', { level: 1 })).toHaveText(
		'Mat for the Causeway Winter Rooms'
	);
	// One answer: the bench's own figure.
	await expect(phone.locator('[data-tally=toCollect]')).toContainText(bags);
	await expect(phone.locator('svg').first()).toBeVisible();
	// It reaches this thing and nothing else: no stages, no settings.
	await expect(phone.getByRole('navigation')).toHaveCount(0);
	await expectAccessible(phone);

	// The plan changes and goes; the link shows what it was made for.
	await page.goto('/plans');
	await page.getByText('Change Mat for the Causeway').click();
	await page.getByLabel(planWords.PlansPage.newName()).fill('Another name');
	await page.getByRole('button', { name: houseWords.AccountPage.rename() }).click();
	await expect(page.getByRole('link', { name: 'Another name' })).toBeVisible();
	await phone.reload();
	await expect(phone.getByRole('heading', { level: 1 })).toHaveText(
		'Mat for the Causeway Winter Rooms'
	);

	await page.goto('/links');
	await expect(page.locator('[data-link]')).toContainText('version 1');
	await expect(page.locator('[data-link]')).not.toContainText(houseWords.LinksPage.notYet());
	expect(await page.content()).not.toContain(address.slice(-40));
	await page.getByRole('button', { name: houseWords.LinksPage.revoke() }).click();
	await expect(page.locator('[data-link]')).toContainText(houseWords.LinksPage.revoked());
	const closed = await phone.goto(address);
	expect(closed?.status()).toBe(404);
	await expect(phone.getByText('This link does not work')).toBeVisible();
	await reader.close();
});

test('a person is forgotten after being told what that means, and places that receive stand by themselves', async ({
	page
}) => {
	// As on a page that came without encryption: the browser makes no key by itself there.
	await page.addInitScript(() => Reflect.deleteProperty(Crypto.prototype, 'randomUUID'));
	await page.goto('/gather');
	expect(await page.evaluate(() => 'randomUUID' in crypto)).toBe(false);
	await ready(page);
	await page.locator('#drop-off-place').fill('Ferry kiosk');
	await page.locator('#drop-off-bags').fill('120');
	await page.locator('#drop-off-brought_by').fill('Ottoline');
	await page
		.getByRole('button', { name: houseWords.MembersPage.save(), exact: true })
		.first()
		.click();
	await expect(page.locator('[data-came]')).toContainText('by Ottoline');

	await page.goto('/people');
	await expectAccessible(page);
	await page.getByRole('link', { name: 'Ottoline', exact: true }).click();
	await page.getByRole('link', { name: 'Delete the name Ottoline' }).click();
	await expect(page.getByText('Older copies of the database')).toBeVisible();
	await page.getByRole('button', { name: 'Delete the name Ottoline' }).click();
	await expect(page.getByText(peopleWords.PeoplePage.noNamesYetNobodyHas())).toBeVisible();
	await page.goto('/gather');
	await expect(page.locator('[data-came]')).toContainText('120');
	await expect(page.locator('[data-came]')).not.toContainText('Ottoline');

	await page.goto('/places');
	await page.getByRole('button', { name: peopleWords.PlacesPage.addPlace(), exact: true }).click();
	await expect(page.locator('#place-problem')).toHaveText(
		commonWords.formReader.pleaseFillThisIn()
	);
	await page.getByLabel(peopleWords.PlacesPage.newReceivingPlace()).fill('Tide House');
	await page.getByRole('button', { name: peopleWords.PlacesPage.addPlace(), exact: true }).click();
	await expect(page.locator('[data-receives="Tide House"]')).toBeVisible();
	// It gives no bags.
	await expect(page.locator('[data-place="Ferry kiosk"]')).toBeVisible();
	await expect(page.locator('[data-place="Tide House"]')).toHaveCount(0);
});

test('under its own name it serves that name alone, makes links of it, and says no secret in its log', async ({
	app,
	page
}) => {
	await page.goto('/plan');
	await ready(page);
	await keep(page, tableDayWords.DayRun.wallView());
	const port = await freePort();
	const origin = 'https://mats.example';
	const running = await startApp({
		databaseUrl: app.databaseUrl,
		port,
		origin,
		stdio: 'pipe',
		env: { NEST_ROW_SECRET: 'a secret of this test, and of no other', LOG_LEVEL: 'debug' }
	});
	// It is who owns nothing here, and does not know the password of who owns the database.
	const of = (what: string) => readFileSync(`/proc/${running.child.pid}/${what}`, 'utf8');
	const mayDrop = process.getuid?.() === 0 && canRead('nest-row', process.cwd());
	const uid = Number(/^Uid:\s+(\d+)/m.exec(of('status'))?.[1]);
	expect(uid === process.getuid?.()).toBe(!mayDrop);
	expect(of('environ')).toContain('DATABASE_URL=postgres://nest_row_app:');
	expect(of('environ')).not.toContain(new URL(app.databaseUrl).password);
	let said = '';
	for (const stream of [running.child.stdout, running.child.stderr])
		stream?.on('data', (part) => (said += String(part)));
	try {
		const name = 'mats.example';
		expect((await ask(port, `127.0.0.1:${port}`, '/plans')).status).toBe(421);
		// Others can reach it there, so whoever comes signs in.
		expect((await ask(port, name, '/plans', 'GET', { accept: 'text/html' })).headers.location).toBe(
			'/sign-in?back=%2Fplans'
		);
		const word = (await firstWord(app.databaseUrl)) ?? '';
		const account = { name: 'Wren', email: 'wren@mats.example', passphrase };
		const posted = {
			origin,
			'content-type': 'application/x-www-form-urlencoded',
			accept: 'text/html'
		};
		const begun = await ask(
			port,
			name,
			'/welcome?/begin',
			'POST',
			posted,
			new URLSearchParams({ word, ...account }).toString()
		);
		const [key = ''] = begun.headers['set-cookie'] ?? [];
		expect(key).toMatch(/^__Secure-nest-row\.session_token=.*HttpOnly; Secure; SameSite=Lax/);
		const cookie = key.split(';')[0] ?? '';
		const list = await ask(port, name, '/plans', 'GET', { cookie });
		expect(list.status).toBe(200);
		const value = (field: string) =>
			new RegExp(`action="/links\\?/make"[\\s\\S]*?name="${field}" value="([^"]+)"`).exec(
				list.text
			)?.[1] ?? '';
		const form = new URLSearchParams({ plan: value('plan'), key: value('key') }).toString();
		const made = await ask(port, name, '/links?/make', 'POST', { ...posted, cookie }, form);
		const address = /https:\/\/mats\.example(\/l\/[\w-]{64})/.exec(made.text)?.[1] ?? '';
		expect(address).not.toBe('');
		expect(made.text).not.toContain('Phones cannot open the link yet');
		expect((await ask(port, name, address)).status).toBe(200);
		expect((await ask(port, name, `/l/${'A'.repeat(64)}`)).status).toBe(404);
		await expect.poll(() => said).toContain('"path":"/l/…"');
		expect(said).not.toContain(address.slice(3, 40));
		expect(said).not.toContain('AAAAAAAA');
		for (const secret of [word, passphrase, cookie.split('=')[1] ?? '', account.email])
			expect(said).not.toContain(secret);
	} finally {
		await running.stop();
	}
});
