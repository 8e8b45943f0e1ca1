import * as commonWords from '../../src/lib/words/common';
import * as houseWords from '../../src/lib/words/house';
import * as makerWords from '../../src/lib/words/maker';
import * as makingWords from '../../src/lib/words/making';
import { gzipSync } from 'node:zlib';
import type { Browser, Page } from '@playwright/test';
import type { App } from './app';
import { slowLine } from '../../scripts/lib/chromium.mjs';
import { expect, expectAccessible, keep, ready, test, goOffline } from './app';
import { sendWhileKilled } from './killed';
import { rows } from './table-world';

test.describe.configure({ mode: 'serial' });
test.use({
	serviceWorkers: 'allow',
	world: 'maker',
	allowed: ['ERR_INTERNET_DISCONNECTED', 'Failed to fetch', '422', '404', '403', '503']
});

const count = (page: Page) => page.locator('[data-count]');
const row = (page: Page) => page.locator('[data-row]');
let code = '';
let other = '';
let link = '';

/** Begins a mat by the first plan, as a device does. */
async function begin(app: App): Promise<string> {
	const [plan] = await rows<{ id: string }>(app, 'select id from plan order by name limit 1');
	await fetch(`${app.address}/api/entries`, {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify({
			entries: [
				{
					key: crypto.randomUUID(),
					type: 'begin',
					typed: { plan: plan?.id ?? '', person: '' }
				}
			]
		})
	});
	const [mat] = await rows<{ code: string }>(
		app,
		`select code from thing where sort = 'mat' order by id desc limit 1`
	);
	return mat?.code ?? '';
}

/** A phone of its own: its store is nobody else's. */
const phone = async (browser: Browser, app: App, more: object = {}) =>
	(
		await browser.newContext({
			baseURL: app.address,
			viewport: { width: 390, height: 844 },
			...more
		})
	).newPage();

/** Rows of a mat as the book has them. */
async function booked(app: App, mat: string): Promise<number> {
	const [made] = await rows<{ made: number }>(
		app,
		`select made from rows_made r join thing t on t.group_id = r.group_id and t.id = r.thing_id where t.code = $1`,
		[mat]
	);
	return made?.made ?? 0;
}

/** Waits until the phone has laid the page by. */
const laidBy = (page: Page) =>
	expect
		.poll(() => page.evaluate(async () => (await (await caches.open('maker')).keys()).length))
		.toBeGreaterThanOrEqual(3);

test.beforeAll(async ({ apps, browser }) => {
	const app = await apps('maker');
	const page = await browser.newPage({ baseURL: app.address });
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Mat for the Tide House');
	await page.close();
	code = await begin(app);
	other = await begin(app);
});

test('a link is made on the mat’s page, shown once, and read by a phone', async ({ page }) => {
	await page.goto(`/make/${code}`);
	await ready(page);
	await page.getByRole('button', { name: makingWords.MakerLink.createLink() }).click();
	const field = page.getByLabel(commonWords.MadeLink.theNewLink());
	await expect(field).toBeVisible();
	link = new URL(await field.inputValue()).pathname;
	expect(link).toMatch(/^\/m\/[\w-]{64}$/);
	await expect(
		page.getByRole('img', { name: makingWords.MakerLink.qrCodeOfTheLink() })
	).toBeVisible();
	await expectAccessible(page);
	await page.reload();
	await expect(field).toHaveCount(0);
	await expect(page.getByText(makingWords.MakerLink.notUsedYet())).toBeVisible();
});

test('is small: page, styles and scripts under 60 kB on a first visit', async ({
	app,
	browser
}) => {
	const page = await phone(browser, app);
	const bytes = new Map<string, number>();
	page.on('response', async (answer) => {
		const type = answer.headers()['content-type'] ?? '';
		if (!/html|css|javascript/.test(type) || answer.url().endsWith('worker.js')) return;
		expect(['br', 'gzip'], answer.url()).toContain(answer.headers()['content-encoding']);
		// As the larger of the two would be.
		bytes.set(new URL(answer.url()).pathname, gzipSync(await answer.body()).length);
	});
	await page.goto(link);
	await ready(page);
	await expect.poll(() => bytes.size).toBe(3);
	const all = [...bytes.values()].reduce((sum, one) => sum + one, 0);
	expect(all).toBeLessThan(60_000);
	expect(all).toBeGreaterThan(10_000);
	await page.context().close();
});

test('shows this mat alone: its rows, no name, no way to anything else but how it is done', async ({
	app,
	browser
}) => {
	await rows(
		app,
		`insert into person (group_id, id, name) select id, gen_random_uuid(), 'Mabel' from volunteer_group`
	);
	const page = await phone(browser, app);
	const answer = await page.goto(link);
	await ready(page);
	expect(answer?.headers()['cache-control']).toBe('no-store');
	expect(answer?.headers()['referrer-policy']).toBe('same-origin');
	await expect(page.getByRole('heading', { name: `The mat ${code}` })).toBeVisible();
	expect(await page.content()).not.toContain('Mabel');
	expect(await page.content()).not.toContain(other);
	const ways = await page
		.getByRole('link')
		.evaluateAll((links) => links.map((one) => one.getAttribute('href') ?? ''));
	expect(ways.length).toBeGreaterThan(4);
	expect(ways.filter((way) => !way.startsWith('/know-how/'))).toEqual([]);
	await expectAccessible(page);
	await page.context().close();
});

test('counts without network over a closed page, with a second phone on the same mat, and joins up once', async ({
	app,
	browser
}) => {
	const [one, two] = [await phone(browser, app), await phone(browser, app)];
	for (const page of [one, two]) {
		await page.goto(link);
		await ready(page);
		await laidBy(page);
	}
	await goOffline(one);
	for (const made of [1, 2, 3]) {
		await row(one).click();
		await expect(count(one)).toHaveText(String(made));
	}
	await expect(one.locator('[data-waiting]')).toHaveAttribute('data-waiting', '3');
	await goOffline(two);
	await row(two).click();
	// Two presses of one moment are a slip of the finger: the pedal is pressed once the row is there.
	await expect(count(two)).toHaveText('1');
	await two.keyboard.press('PageDown');
	await expect(count(two)).toHaveText('2');
	// Without network the page comes out of the phone's own store, its rows with it.
	await one.reload();
	await ready(one);
	await expect(count(one)).toHaveText('3');
	await row(one).click();
	await expect(count(one)).toHaveText('4');
	expect(await booked(app, code)).toBe(0);
	await two.context().setOffline(false);
	await one.context().setOffline(false);
	await expect.poll(() => booked(app, code), { timeout: 20_000 }).toBe(6);
	for (const page of [one, two]) {
		await page.reload();
		await ready(page);
		await expect(count(page)).toHaveText('6');
		await expect(page.locator('[data-waiting]')).toHaveAttribute('data-waiting', '0');
	}
	// What was read last is what a page without network shows, not what it once came with.
	await row(two).click();
	await expect.poll(() => booked(app, code)).toBe(7);
	await expect(two.locator('[data-waiting]')).toHaveAttribute('data-waiting', '0');
	// What is read after a row was kept comes a moment later, and is put on the shelf then.
	await two.waitForTimeout(2000);
	await goOffline(two);
	await two.reload();
	await ready(two);
	await expect(count(two)).toHaveText('7');
	await one.context().close();
	await two.context().close();
});

test('a ball is wished for and a word said; both are on the mat’s page, and a ball or other hands answer', async ({
	app,
	browser,
	page
}) => {
	const own = await phone(browser, app);
	await own.goto(link);
	await ready(own);
	await own.getByRole('button', { name: commonWords.note.iNeedABall() }).click();
	await expect(own.locator('[data-wish=ball]')).toBeVisible();
	await own.getByRole('button', { name: makerWords.MakerPage.send() }).click();
	await expect(own.locator('[data-word]')).toHaveText(makerWords.MakerPage.writeANoteFirst());
	await own
		.getByLabel(makerWords.MakerPage.noteForThem(), { exact: true })
		.fill('The blue is <nearly> gone');
	await own.getByRole('button', { name: makerWords.MakerPage.send() }).click();
	await expect(own.locator('[data-word]')).toHaveText(makerWords.MakerPage.yourNoteIsSaved());
	await page.goto('/make');
	const mat = page.locator(`[data-mat="${code}"]`);
	await expect(mat).toHaveAttribute('data-need', 'ball');
	await expect(mat.getByRole('link', { name: makingWords.matWords.sendABall() })).toHaveAttribute(
		'href',
		`/make/${code}#strand`
	);
	await page.goto(`/make/${code}`);
	await expect(page.locator('[data-notes]')).toContainText('The blue is <nearly> gone');
	await expect(page.locator('[data-notes]')).toContainText('by its maker');
	await own.getByRole('button', { name: commonWords.note.pleaseFetchIt() }).click();
	await expect(own.locator('[data-wish=fetch]')).toBeVisible();
	await page.reload();
	await ready(page);
	await expect(page.locator('[data-says]')).toContainText(makingWords.matWords.cannotGoOn());
	await page.getByLabel(makingWords.MakeCodePage.newMaker()).selectOption({ label: 'Mabel' });
	await page.getByRole('button', { name: makingWords.MakeCodePage.passItOn() }).click();
	await expect(page.locator('[data-says]')).toHaveCount(0);
	await own.context().close();
});

test('without scripts a row is counted, and a slip is said', async ({ app, browser }) => {
	const page = await phone(browser, app, { javaScriptEnabled: false });
	await page.goto(link);
	await expect(count(page)).toHaveText('7');
	await row(page).click();
	await expect(count(page)).toHaveText('8');
	await page.goBack();
	await page.goForward();
	await expect(count(page)).toHaveText('8');
	await page.context().close();
});

test('is usable on a slow line, and keeps what is tapped there', async ({ app, browser }) => {
	const rows = Number(await booked(app, code)) + 1;
	const page = await phone(browser, app);
	await slowLine(page);
	await page.goto(link);
	await ready(page);
	await row(page).click();
	await expect(count(page)).toHaveText(`${rows}`);
	await expect.poll(() => booked(app, code)).toBe(rows);
	await page.context().close();
});

test('keeps rows, notes and wishes of its own mat alone; letters, row 10,000 and below zero are said', async ({
	request
}) => {
	const send = async (type: string, typed: Record<string, string>) => {
		const answer = await request.post(link, {
			data: { entries: [{ key: crypto.randomUUID(), type, typed }] }
		});
		expect(answer.status()).toBe(200);
		const { answers } = (await answer.json()) as {
			answers: { outcome: string; problems?: Record<string, string> }[];
		};
		return answers[0];
	};
	expect(await send('row', { mat: other, step: '1' })).toMatchObject({
		outcome: 'refused',
		problems: { mat: houseWords.linkEntries.thisLinkOpensAnotherMat() }
	});
	for (const [type, typed] of [
		['hand-on', { mat: code, person: '' }],
		['issue', { mat: code, ball: code }],
		['correction', { of: 'entry', corrects: '1', note: 'no' }],
		['bag-kind', {}]
	] as const)
		expect(await send(type, typed)).toMatchObject({
			outcome: 'refused',
			problems: { entry: houseWords.linkEntries.thisLinkKeepsTheRows() }
		});
	for (const to of ['eighty', '10000', '-3'])
		expect(await send('rows', { mat: code, to })).toMatchObject({
			outcome: 'refused',
			problems: { to: expect.any(String) as unknown }
		});
	// The letter of a label is read as it is spoken, in any case.
	expect(await send('row', { mat: code.toLowerCase(), step: '-1' })).toMatchObject({
		outcome: 'kept'
	});
	for (const bad of ['', '{', '{"entries":[]}'])
		expect(
			(
				await request.post(link, {
					data: bad,
					headers: { 'content-type': 'application/json' }
				})
			).status()
		).toBeLessThan(500);
});

test('an app killed amid 200 taps has kept every one that was acknowledged, once', async ({
	app,
	request
}) => {
	const before = await booked(app, code);
	const entries = Array.from({ length: 200 }, (_, at) => ({
		key: crypto.randomUUID(),
		type: 'row',
		typed: { mat: code, step: at % 4 === 3 ? '-1' : '1' }
	}));
	const kept = async () =>
		new Set(
			(
				await rows<{ key: string }>(app, 'select key from entry where key = any($1::uuid[])', [
					entries.map(({ key }) => key)
				])
			).map(({ key }) => key)
		);
	await sendWhileKilled(app, request, entries, 40, kept, link);
	// Three more and one less, fifty times.
	expect(await booked(app, code)).toBe(before + 100);
});

test('guessed, changed, of a plan, revoked: a sentence, and what a phone has still is not lost', async ({
	app,
	browser,
	page,
	request
}) => {
	const opensNothing = 'This link does not work any more.';
	const changed = link.slice(0, -1) + (link.endsWith('A') ? 'B' : 'A');
	for (const wrong of [changed, '/m/x', `/m/${'A'.repeat(64)}`]) {
		const answer = await page.goto(wrong);
		expect(answer?.status()).toBe(404);
		await expect(page.getByText(opensNothing)).toBeVisible();
		expect((await request.post(wrong, { data: { entries: [] } })).status()).toBe(403);
	}
	const own = await phone(browser, app);
	await own.goto(link);
	await ready(own);
	await laidBy(own);
	await page.goto(`/make/${code}`);
	await ready(page);
	await page.getByRole('button', { name: makingWords.MakerLink.revoke() }).click();
	await expect(page.getByRole('button', { name: makingWords.MakerLink.revoke() })).toHaveCount(0);
	const before = await booked(app, code);
	await row(own).click();
	await expect(own.getByRole('alert')).toContainText(opensNothing);
	await expect(own.getByRole('alert')).toContainText('waits for a coordinator');
	expect(await booked(app, code)).toBe(before);
	// Sent again it is held once, and a coordinator has it counted.
	await page.goto('/links');
	await expect(page.locator('[data-late=row]')).toHaveCount(1);
	await page.getByRole('button', { name: houseWords.LinksPage.save(), exact: true }).click();
	await expect(page.locator('[data-late=row]')).toHaveCount(0);
	expect(await booked(app, code)).toBe(before + 1);
	await page.goto(`/make/${code}`);
	await ready(page);
	await page.getByRole('button', { name: makingWords.MakerLink.createLink() }).click();
	const anew = new URL(await page.getByLabel(commonWords.MadeLink.theNewLink()).inputValue())
		.pathname;
	const closed = await own.goto(link);
	expect(closed?.status()).toBe(404);
	await own.context().close();
	// A link to a plan counts nothing, and a maker's link reads no plan.
	expect((await request.get(anew.replace('/m/', '/l/'))).status()).toBe(404);
});
