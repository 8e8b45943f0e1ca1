import * as routesWords from '../../src/lib/words/routes';
import * as commonWords from '../../src/lib/words/common';
import * as gatherWords from '../../src/lib/words/gather';
import * as handOverWords from '../../src/lib/words/hand-over';
import * as peopleWords from '../../src/lib/words/people';
import * as prepareWords from '../../src/lib/words/prepare';
import * as tableDayWords from '../../src/lib/words/table-day';
import type { Page } from '@playwright/test';
import { expect, expectAccessible, keep, ready, test, goOffline } from './app';
import { sendWhileKilled } from './killed';
import { put, rows } from './table-world';

test.describe.configure({ mode: 'serial' });
test.use({
	world: 'prepare',
	allowed: ['ERR_INTERNET_DISCONNECTED', 'Failed to fetch', '422', '404', '409']
});

/** The pile at a place of the table. */
const at = (page: Page, place: string, colour: string) =>
	page.locator(`[data-place="${place}"] [data-pile*=" ${colour} "]`);
const amount = (page: Page, place: string, colour: string) =>
	at(page, place, colour).locator('[data-amount]');
const said = (page: Page) => page.locator('[data-said]');

test.beforeAll(async ({ apps, browser }) => {
	const app = await apps('prepare');
	const page = await browser.newPage({ baseURL: app.address });
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Mat for the Tide House');
	for (const [colour, bags] of [
		['blue', 100],
		['white', 60],
		['green', 45],
		['yellow', 40]
	] as const)
		await put(app, page.request, colour, bags);
	await page.close();
});

test('a bag becomes a labelled ball by touch, its film in grams with it', async ({
	browser,
	app
}) => {
	const context = await browser.newContext({
		baseURL: app.address,
		hasTouch: true,
		viewport: { width: 768, height: 1024 }
	});
	const page = await context.newPage();
	await page.goto('/prepare');
	await ready(page);
	await expect(page.locator('[data-film-all]')).toHaveText('1.3 kg');
	await at(page, 'bag', 'blue').getByRole('button').tap();
	await expect(said(page)).toHaveText('Saved: 20 blue bags flattened.');
	await expect(amount(page, 'bag', 'blue')).toHaveText('80');
	await page.getByLabel(prepareWords.WorkPanel.spoiledTodayOfAHundred()).fill('5');
	await at(page, 'flat', 'blue').getByRole('button').tap();
	await expect(amount(page, 'piece', 'blue')).toHaveText('76');
	await expect(page.locator('[data-film=scrap]')).toContainText('42 g');
	await expect(page.locator('[data-act]').first()).toContainText('20 blue bags cut into 76 pieces');
	await expect(page.locator('[data-act]').first()).toContainText('62 g in pieces, 42 g to scrap');
	// Used all day, on every device.
	await page.reload();
	await ready(page);
	await expect(page.getByLabel(prepareWords.WorkPanel.spoiledTodayOfAHundred())).toHaveValue('5');
	await at(page, 'piece', 'blue').getByRole('button', { name: 'Join 76' }).tap();
	await expect(amount(page, 'strand', 'blue')).toHaveText('76');
	await at(page, 'strand', 'blue').getByRole('button', { name: 'Ball of 19' }).tap();
	await expect(amount(page, 'ball', 'blue')).toHaveText('1');
	await expect(page.locator('[data-film-all]')).toHaveText('1.3 kg');
	await page.getByRole('link', { name: routesWords.names.ballsAndLabels() }).tap();
	const ball = page.locator('[data-ball]').first();
	await expect(ball).toContainText('blue ball, 19 bags');
	await expect(ball).toContainText('33 m (31–36) · loops, 71 mm');
	const code = (await ball.getAttribute('data-ball')) ?? '';
	await page.goto(`/prepare/things/${code.toLowerCase()}`);
	await expect(page.getByRole('heading', { name: code })).toBeVisible();
	await expect(page.getByText('Mat for the Tide House').first()).toBeVisible();
	await context.close();
});

test('the same by the keyboard alone, and undone', async ({ page }) => {
	await page.goto('/prepare');
	await ready(page);
	for (const [place, name, goes, count] of [
		['bag', 'Flatten 20', 'flat', '20'],
		['flat', 'Cut 20', 'piece', '76'],
		['piece', 'Join 76', 'strand', '76'],
		['strand', 'Ball of 19', 'ball', '1']
	] as const) {
		const button = at(page, place, 'green').getByRole('button', { name });
		await button.focus();
		await page.keyboard.press('Enter');
		await expect(amount(page, goes, 'green')).toHaveText(count);
	}
	await expect(page.locator('[data-act]').first()).toContainText('in a ball');
	const joined = page.locator('[data-act]').filter({ hasText: '76 green pieces joined' });
	await joined
		.getByRole('button', { name: new RegExp(`^${prepareWords.LastActs.undo()}`) })
		.click();
	await expect(said(page)).toContainText('Undo that first');
	for (const words of ['in a ball', 'green pieces joined'])
		await page
			.locator('[data-act]')
			.filter({ hasText: words })
			.first()
			.getByRole('button', { name: new RegExp(`^${prepareWords.LastActs.undo()}`) })
			.click();
	await expect(amount(page, 'piece', 'green')).toHaveText('76');
	await expect(at(page, 'ball', 'green')).toHaveCount(0);
});

test('dragged from pile to pile, and a double click does it once', async ({ page }) => {
	await page.goto('/prepare');
	await ready(page);
	await at(page, 'bag', 'yellow').getByRole('button').dragTo(page.locator('[data-place="flat"]'));
	await expect(amount(page, 'flat', 'yellow')).toHaveText('20');
	// The same act within a moment would be a slip of the finger.
	await page.waitForTimeout(450);
	await at(page, 'bag', 'yellow').getByRole('button').dblclick();
	await expect(amount(page, 'flat', 'yellow')).toHaveText('40');
	await expect(at(page, 'bag', 'yellow')).toHaveCount(0);
	await expect(said(page)).toContainText('Saved: 20 yellow bags flattened.');
	await expect(page.locator('[data-act]').filter({ hasText: 'yellow' })).toHaveCount(2);
	await page.reload();
	await expect(amount(page, 'flat', 'yellow')).toHaveText('40');
});

test('without scripts, in plain forms', async ({ browser, app }) => {
	const context = await browser.newContext({ baseURL: app.address, javaScriptEnabled: false });
	const page = await context.newPage();
	await page.goto('/prepare');
	await at(page, 'bag', 'white').getByRole('button', { name: 'Flatten 20' }).click();
	await expect(said(page)).toHaveText(handOverWords.ReceiveButton.saved());
	await at(page, 'flat', 'white').getByRole('button', { name: 'Cut 20' }).click();
	await expect(amount(page, 'piece', 'white')).toHaveText('76');
	await at(page, 'piece', 'white').getByRole('link').click();
	const join = page.locator('form').filter({ hasText: 'Join pieces: Thin carrier, white' });
	await join.getByLabel(prepareWords.PileForms.pieces()).fill('90');
	await join.getByRole('button', { name: prepareWords.PileForms.joinPieces() }).click();
	await expect(
		page.getByText('Only 76 white loops are here, and this takes 90.').first()
	).toBeVisible();
	await expect(join.getByLabel(prepareWords.PileForms.pieces())).toHaveValue('90');
	await join.getByLabel(prepareWords.PileForms.pieces()).fill('40');
	await join.getByRole('button', { name: prepareWords.PileForms.joinPieces() }).click();
	await expect(amount(page, 'strand', 'white')).toHaveText('40');
	await at(page, 'strand', 'white').getByRole('button', { name: 'Ball of 10' }).click();
	await expect(amount(page, 'ball', 'white')).toHaveText('1');
	await page
		.getByRole('button', { name: /^Undo .* in a ball/ })
		.first()
		.click();
	await expect(amount(page, 'strand', 'white')).toHaveText('40');
	await context.close();
});

test('a label typed with a wrong sign is refused, and one set aside is bound to the ball', async ({
	page
}) => {
	await page.goto('/prepare/balls');
	await ready(page);
	await page.getByLabel(prepareWords.ToolForm.howMany()).fill('none');
	await page.getByRole('button', { name: prepareWords.PrepareBallsPage.reserveCodes() }).click();
	await expect(page.locator('#blank-problem')).toHaveText('A number from 1 to 400.');
	await expect(page.getByLabel(prepareWords.ToolForm.howMany())).toHaveValue('none');
	await page.getByLabel(prepareWords.ToolForm.howMany()).fill('3');
	await page.getByRole('button', { name: prepareWords.PrepareBallsPage.reserveCodes() }).click();
	const sheet = await page
		.getByRole('link', { name: prepareWords.PrepareBallsPage.theirSheetOfLabels() })
		.getAttribute('href');
	const file = await page.request.get(sheet ?? '');
	expect(file.headers()['content-type']).toBe('application/pdf');

	await page.goto('/prepare');
	await ready(page);
	await at(page, 'strand', 'white').getByRole('link').click();
	const form = page.locator('form').filter({ hasText: 'Wind a ball: Thin carrier, white' });
	await form.getByLabel('Yarn of how many white bags').fill('4');
	await form.getByLabel(prepareWords.PileForms.labelOptional()).fill('22223');
	await form.getByRole('button', { name: prepareWords.PileForms.windABall() }).click();
	await expect(page.getByText(commonWords.codeWords.thisIsNotALabel())).toBeVisible();
	await expect(form.getByLabel(prepareWords.PileForms.labelOptional())).toHaveValue('22223');
	await expect(form.getByLabel(prepareWords.PileForms.labelOptional())).toBeFocused();
	await form.getByLabel(prepareWords.PileForms.labelOptional()).fill('22222');
	await form.getByRole('button', { name: prepareWords.PileForms.windABall() }).click();
	await expect(
		page.getByText(/already on something|Saved: a ball of 4 white bags/).first()
	).toBeVisible();
	await page.goto('/prepare/things?code=22223');
	await expect(page.locator('[data-problem]')).toContainText(
		commonWords.codeWords.thisIsNotALabel()
	);
});

test('acts wait on the device while the network is away, one on the other, and go up once', async ({
	page,
	context,
	app
}) => {
	await page.goto('/prepare');
	await ready(page);
	await goOffline(page);
	const blue = (place: string) => at(page, place, 'blue');
	await blue('bag').getByRole('button').click();
	await expect(said(page)).toContainText('Waiting on this device: 20 blue bags flattened.');
	await expect(amount(page, 'bag', 'blue')).toHaveText('60');
	await blue('flat').getByRole('button').click();
	await expect(amount(page, 'piece', 'blue')).toHaveText('76');
	await blue('piece').getByRole('button').click();
	await expect(amount(page, 'strand', 'blue')).toHaveText('76');
	await blue('strand').getByRole('button').click();
	await expect(amount(page, 'ball', 'blue')).toHaveText('2');
	await expect(page.getByText('4 entries wait on this device')).toBeVisible();
	await context.setOffline(false);
	await expect(page.getByText('wait on this device')).toHaveCount(0, { timeout: 15_000 });
	await page.reload();
	await expect(amount(page, 'ball', 'blue')).toHaveText('2');
	await expect(amount(page, 'bag', 'blue')).toHaveText('60');
	const [balls] = await rows<{ count: string }>(
		app,
		`select count(*) from thing t where sort = 'ball' and content -> 'colours' -> 0 ->> 'colour' = 'blue'`
	);
	expect(balls?.count).toBe('2');
});

test('a pile is counted again, and two tablets both keep their work', async ({
	page,
	browser,
	app
}) => {
	await page.goto('/prepare');
	await ready(page);
	await at(page, 'bag', 'blue').getByRole('link').click();
	const other = await browser.newPage({ baseURL: app.address });
	await other.goto('/prepare');
	await ready(other);
	await at(other, 'bag', 'blue').getByRole('button').click();
	await expect(amount(other, 'bag', 'blue')).toHaveText('40');
	await at(page, 'bag', 'blue').getByRole('button').click();
	await expect(amount(page, 'bag', 'blue')).toHaveText('20');
	const count = page
		.locator('form')
		.filter({ hasText: prepareWords.PileForms.countThisPileAgain() });
	await count.getByLabel('bags here now').fill('17');
	await count.getByRole('button', { name: prepareWords.PileForms.saveCount() }).click();
	await expect(amount(page, 'bag', 'blue')).toHaveText('17');
	await other.close();
});

test('every page of Prepare is accessible, and the sheet for the wall is made', async ({
	page
}) => {
	// Six pages are looked at twice, each by a tool that takes its time on a busy machine.
	test.slow();
	for (const size of [
		{ width: 1280, height: 800 },
		{ width: 360, height: 740 }
	]) {
		await page.setViewportSize(size);
		for (const path of [
			'/prepare',
			'/prepare/balls',
			'/prepare/days',
			'/people',
			'/prepare/things/22222'
		]) {
			await page.goto(path);
			await ready(page);
			// What is built and named is the same on both: the phone is asked about its width.
			await expectAccessible(page, size.width === 360 ? 'width' : 'all');
		}
	}
	const sheet = await page.request.get('/prepare/worksheet.pdf?paper=letter&large=yes');
	expect(sheet.status()).toBe(200);
	expect((await sheet.body()).subarray(0, 5).toString()).toBe('%PDF-');
});

test('people are added in a line, seated by tapping, and a child never at a blade', async ({
	page
}) => {
	await page.goto('/people');
	await ready(page);
	for (const name of ['Lou', 'Kit']) {
		await page.getByLabel(peopleWords.PeoplePage.newVolunteer()).fill(name);
		await page.getByRole('button', { name: peopleWords.PeoplePage.add(), exact: true }).click();
		await expect(page.getByLabel(peopleWords.PersonForm.name(), { exact: true })).toHaveValue(name);
	}
	await page.getByLabel(peopleWords.PeoplePage.newVolunteer()).fill('kit');
	await page.getByRole('button', { name: peopleWords.PeoplePage.add(), exact: true }).click();
	await expect(page.locator('#added-problem')).toContainText('already a kit');
	await page.getByRole('link', { name: 'Kit', exact: true }).click();
	await ready(page);
	await page.locator('[data-seat="cut-blade"]').getByRole('button').click();
	await expect(page.getByText(peopleWords.seats.trainedAdultsOnlyCutAway())).toBeVisible();
	await page.locator('[data-seat="flatten"]').getByRole('button').click();
	await page.getByLabel(peopleWords.PersonForm.aChildAnAdultBeside()).check();
	// The seat at the blade is shut now, and what was chosen there goes with it.
	await expect(page.locator('[data-seat="cut-blade"]').getByRole('button')).toBeDisabled();
	await page.locator('[data-person-form]').getByLabel('Lou', { exact: true }).check();
	await page.getByRole('button', { name: peopleWords.PersonForm.save(), exact: true }).click();
	await expect(page.locator('[data-person="Kit"]')).toContainText('flatten');
	await expect(page.locator('[data-person="Kit"]')).not.toContainText('blade');
	await page.goto('/prepare/days');
	await ready(page);
	await page
		.locator('#new-day')
		.getByLabel(tableDayWords.PrepareDaysPage.where())
		.fill('Boat shed');
	await page
		.locator('#new-day')
		.getByLabel(gatherWords.DropOffForm.on(), { exact: true })
		.fill('2099-12-03');
	await page.getByRole('button', { name: tableDayWords.PrepareDaysPage.addTheDay() }).click();
	const day = page.locator('[data-day="2099-12-03"]');
	await day.getByText('Kit').click();
	await day.getByRole('button', { name: tableDayWords.DayLine.saveWhoComes() }).click();
	await expect(day).toContainText(tableDayWords.DayLine.oneCanCome());
	await page.goto('/people');
	await page.locator('[data-person="Kit"]').getByRole('link', { name: 'Kit', exact: true }).click();
	await page
		.getByRole('link', { name: new RegExp(peopleWords.PeoplePage.deleteTheName()) })
		.click();
	await expect(page.getByText('This cannot be undone')).toBeVisible();
	await page.getByRole('button', { name: 'Delete the name Kit' }).click();
	await expect(page.locator('[data-person="Kit"]')).toHaveCount(0);
	await page.goto('/prepare/days');
	await expect(page.locator('[data-day="2099-12-03"]')).toContainText('whose name was deleted');
});

test('an app killed in the middle of 120 acts has kept every one it acknowledged, once', async ({
	app,
	request
}) => {
	await put(app, request, 'pink', 500);
	const [kind] = await rows<{ id: string }>(
		app,
		`select id from bag_kind where name = 'Thin carrier'`
	);
	const entries = Array.from({ length: 120 }, (_, nth) => ({
		key: crypto.randomUUID(),
		type: 'flatten',
		typed: { kind: kind?.id ?? '', colour: 'pink', bags: String(1 + (nth % 4)) }
	}));
	const kept = async () =>
		new Set(
			(
				await rows<{ key: string }>(
					app,
					`select key from entry where type = 'flatten' and typed ->> 'colour' = 'pink'`
				)
			).map(({ key }) => key)
		);
	await sendWhileKilled(app, request, entries, 25, kept);
	const [pile] = await rows<{ flat: string; film: string }>(
		app,
		`select b.amount as flat, b.film_mg as film from balance b join line l on l.id = b.line_id
		 where l.colour = 'pink' and l.form = 'flat'`
	);
	// 30 times 1 + 2 + 3 + 4 bags of 5.2 g.
	expect([Number(pile?.flat), Number(pile?.film)]).toEqual([300, 1_560_000]);
});
