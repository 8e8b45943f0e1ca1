// The way around on a phone: how much of the screen is the page's, and how many taps an act takes.
import * as commonWords from '../../src/lib/words/common';
import * as gatherWords from '../../src/lib/words/gather';
import * as houseWords from '../../src/lib/words/house';
import * as prepareWords from '../../src/lib/words/prepare';
import * as routesWords from '../../src/lib/words/routes';
import { expect, expectAccessible, ready, tally, test } from './app';
import { rows } from './table-world';
import type { Locator, Page } from '@playwright/test';

test.use({ world: 'demo' });

const phone = { width: 390, height: 844 };
const screens = [{ width: 1280, height: 800 }, { width: 820, height: 1180 }, phone] as const;
const bar = (page: Page) => page.locator('.phone-bar');
const boxOf = async (one: Locator) => {
	const box = await one.boundingBox();
	if (!box) throw new Error('it is not shown');
	return box;
};

const mainPages = [
	'/',
	'/plan',
	'/gather',
	'/gather/sort',
	'/prepare',
	'/prepare/balls',
	'/prepare/days',
	'/make',
	'/check',
	'/hand-over',
	'/hand-over/account',
	'/season',
	'/know-how',
	'/people',
	'/places',
	'/measures',
	'/links',
	'/more',
	'/search',
	'/settings',
	'/reach',
	'/entry',
	'/backup'
];

test('on a phone a title ends by 64 pixels, and the bar at the foot takes 72 at most', async ({
	page
}) => {
	test.slow();
	await page.setViewportSize(phone);
	for (const path of mainPages) {
		await page.goto(path);
		const title = await boxOf(page.getByRole('heading', { level: 1 }));
		expect(title.y + title.height, path).toBeLessThanOrEqual(64);
		const foot = await boxOf(bar(page));
		expect(foot.height, path).toBeLessThanOrEqual(72);
		expect(foot.y + foot.height, path).toBe(phone.height);
		await expect(bar(page).locator('[aria-current=page]'), path).toHaveCount(1);
		expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBe(390);
	}
});

test('the main act of a page is in its first screen, at a desk, on a tablet and on a phone', async ({
	page
}) => {
	test.slow();
	const acts: readonly (readonly [string, (page: Page) => Locator])[] = [
		['/', () => page.locator('[data-next-day] a')],
		[
			'/gather',
			() => page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true })
		],
		['/prepare', () => page.locator('[data-pile] button').first()],
		['/prepare/balls', () => page.locator('#labels .btn-accent').first()],
		['/prepare/days', () => page.locator('[data-day] a.btn').first()],
		['/make', () => page.locator('[data-mat] a').first()],
		['/hand-over', () => page.locator('[data-ready] label').first()],
		['/know-how', () => page.locator('a[href="/know-how/faults"].btn')],
		['/people', () => page.locator('[data-person] a').first()],
		['/measures', () => page.locator('.btn-accent').first()]
	];
	for (const size of screens) {
		await page.setViewportSize(size);
		for (const [path, act] of acts) {
			await page.goto(path);
			await ready(page);
			const box = await boxOf(act(page));
			const foot = size.width < 768 ? (await boxOf(bar(page))).y : size.height;
			expect(box.y + box.height, `${path} at ${size.width}`).toBeLessThanOrEqual(foot);
		}
	}
});

test('120 damp bags from a source that is known are in by four taps and the digits', async ({
	page,
	app
}) => {
	await page.setViewportSize(phone);
	await page.goto('/');
	await ready(page);
	const before = await rows<{ n: number }>(app, 'select count(*)::integer as n from sorting');
	await bar(page).getByRole('link', { name: routesWords.names.gather() }).click();
	await page.locator('[data-source="Ferry kiosk"]').click();
	for (const digit of '120')
		await page
			.getByRole('group', { name: gatherWords.DropOffForm.digitsOfBags() })
			.getByRole('button', { name: digit, exact: true })
			.click();
	await page.locator('label:has([name=damp])').click();
	await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
	await expect(page.locator('[data-lately]').first()).toContainText('120');
	await expect(page.locator('[data-lately]').first()).toContainText(gatherWords.CameLately.damp());
	const after = await rows<{ n: number }>(app, 'select count(*)::integer as n from sorting');
	expect(after[0]?.n).toBe((before[0]?.n ?? 0) + 1);
	// Each sack opens to be edited.
	await page.locator('[data-lately]').first().click();
	await expect(page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true })).toHaveValue('120');
	await expect(page.locator('[name=damp]')).toBeChecked();
});

test('the parts of a stage are one row, and the open one is in sight', async ({ page }) => {
	await page.setViewportSize({ width: 360, height: 740 });
	await page.goto('/hand-over/account');
	await ready(page);
	const row = page.getByRole('navigation', { name: /Hand over|Deliveries/ }).first();
	await expect
		.poll(async () => (await boxOf(row.locator('[aria-current=page]'))).x)
		.toBeGreaterThanOrEqual(0);
	const open = await boxOf(row.locator('[aria-current=page]'));
	expect(open.x + open.width).toBeLessThanOrEqual(360);
	expect((await boxOf(row)).height).toBeLessThan(60);
});

test('the tally is a line on a phone, and opens by a tap', async ({ page }) => {
	await page.setViewportSize(phone);
	await page.goto('/plan');
	await ready(page);
	const line = page.locator('.tally [data-folded=toCollect]');
	await expect(tally(page, 'strandM')).toBeHidden();
	await expect(line).toContainText((await tally(page, 'toCollect').textContent()) ?? '?');
	expect((await boxOf(page.locator('.tally'))).height).toBeLessThanOrEqual(72);
	await page.locator('.tally button[aria-expanded=false]').click();
	await expect(tally(page, 'strandM')).toBeVisible();
	await expectAccessible(page);
});

test('a search finds a plan, a volunteer, a label, an act and a page; a slash opens it', async ({
	page,
	app
}) => {
	await page.goto('/make');
	await ready(page);
	await page.keyboard.press('/');
	await expect(page).toHaveURL(/\/search$/);
	const asked = page.getByRole('searchbox');
	await expect(asked).toBeFocused();
	const [mat] = await rows<{ code: string }>(
		app,
		`select code from thing where sort = 'mat' order by id limit 1`
	);
	for (const [words, sort, title] of [
		['causeway', 'plan', 'Mat for the Causeway Winter Rooms'],
		['mabel', 'person', 'Mabel'],
		[(mat?.code ?? '').toLowerCase(), 'label', mat?.code ?? '?'],
		['tide', 'place', 'Tide House'],
		['spiral', 'know-how', 'Cut a bag into one long strip']
	] as const) {
		await asked.fill(words);
		await expect(
			page.locator(`[data-found="${sort}"]`).filter({ hasText: title }).first(),
			words
		).toBeVisible();
	}
	await asked.fill('print labels');
	await page.locator('[data-found=page] a').first().click();
	await expect(page).toHaveURL(/\/prepare\/balls$/);
	// A slash that is typed is a slash.
	await page.goto('/search?q=nothing-is-called-so');
	await ready(page);
	await expect(page.getByText(houseWords.SearchPage.nothingFound())).toBeVisible();
	await asked.fill('');
	await asked.press('/');
	await expect(asked).toHaveValue('/');
	await expectAccessible(page);
});

test('labels are chosen in one tap, and what was printed is marked', async ({ page }) => {
	await page.setViewportSize(phone);
	await page.goto('/prepare/balls');
	await ready(page);
	const choose = page.getByRole('group', { name: prepareWords.PrepareBallsPage.choose() });
	const all = await page.locator('[data-ball]').count();
	await choose.getByRole('button', { name: /^All / }).click();
	await expect(page.locator('[data-ball] input:checked')).toHaveCount(all);
	await choose.getByRole('button', { name: /^Thu / }).first().click();
	const some = await page.locator('[data-ball] input:checked').count();
	expect(some).toBeGreaterThan(0);
	expect(some).toBeLessThan(all);
	const download = page.waitForEvent('download');
	await page
		.getByRole('button', { name: prepareWords.PrepareBallsPage.printLabels({ count: some }) })
		.click();
	expect((await download).suggestedFilename()).toMatch(/\.pdf$/);
	await expect(page.locator('[data-printed-label]')).toHaveCount(some);
});

test('the pages of the machine say what is on and what is missing there', async ({ page }) => {
	await page.goto('/reach');
	await expect(page.locator('[data-state=address]')).toHaveAttribute('data-is', 'false');
	await expect(page.locator('[data-state=sign-in]')).toHaveAttribute('data-is', 'false');
	await page.goto('/entry');
	await expect(page.locator('[data-state=sign-in]')).toContainText(
		houseWords.EntryPage.onlyWhoSitsHere()
	);
	// No launcher made this one: whoever runs the database is named for its copies.
	await page.goto('/backup');
	await expect(page.locator('[data-state=nightly]')).toContainText(
		houseWords.BackupPage.askWhoRunsTheDatabase()
	);
	const archive = await page.request.get('/everything.zip');
	expect(archive.headers()['content-type']).toBe('application/zip');
});

test('what is under More is there by its name, with the group and the units', async ({ page }) => {
	await page.setViewportSize(phone);
	await page.goto('/');
	await bar(page).getByRole('link', { name: routesWords.names.more() }).click();
	for (const name of [
		routesWords.names.volunteers(),
		routesWords.names.sourcesAndReceivingPlaces(),
		routesWords.names.tools(),
		routesWords.names.measures(),
		routesWords.names.links(),
		routesWords.names.backupAndArchive(),
		routesWords.names.reachingUsFromPhones(),
		routesWords.names.season(),
		routesWords.names.handOver()
	])
		await expect(page.getByRole('link', { name, exact: true })).toBeVisible();
	await expect(page.getByText('Alder Quay Mat Table')).toBeVisible();
	await expect(page.getByText(commonWords.WhoReads.noSignInHere())).toBeVisible();
	await expect(page.locator('button[name=lengths]')).toBeVisible();
});
