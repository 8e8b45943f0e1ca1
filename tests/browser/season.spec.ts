import * as commonWords from '../../src/lib/words/common';
import * as gatherWords from '../../src/lib/words/gather';
import * as handOverWords from '../../src/lib/words/hand-over';
import * as seasonWords from '../../src/lib/words/season';
import * as tableDayWords from '../../src/lib/words/table-day';
import * as todayWords from '../../src/lib/words/today';
import { expect, expectAccessible, keep, ready, test } from './app';
import { rows, sent } from './table-world';

test.describe.configure({ mode: 'serial' });
test.use({ world: 'season', allowed: ['404', '422'] });

test('a first visit begins with three ways in; once anything is kept the front door is today', async ({
	page
}) => {
	await page.goto('/');
	for (const name of [
		todayWords.FirstVisit.planAMat(),
		todayWords.FirstVisit.bagsCameIn(),
		todayWords.FirstVisit.bringInAnArchive()
	])
		await expect(page.locator('main').getByRole('link', { name })).toBeVisible();
	await expectAccessible(page);
	await page.goto('/season');
	await expect(page.locator('[data-nothing]')).toContainText(
		seasonWords.SeasonPage.noPlaceAsksForMats()
	);
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Mat for the Tide House');
	await page.goto('/');
	await expect(
		page.getByRole('heading', { name: todayWords.HomePage.nothingToDoRightNow() })
	).toBeVisible();
	await expectAccessible(page);
});

test('what presses stands there with its reason, leads to its place, and vanishes when done', async ({
	page,
	app
}) => {
	const [plan] = await rows<{ id: string }>(app, 'select id from plan limit 1');
	await sent(page, 'begin', { plan: plan?.id ?? '', person: '' });
	const [mat] = await rows<{ code: string }>(app, `select code from thing where sort = 'mat'`);
	const code = mat?.code ?? '';
	await sent(page, 'finish', { mat: code });
	await page.goto('/');
	const act = page.locator('[data-act=check]');
	await expect(act).toContainText('One mat to check');
	await expect(page.locator('[data-part="to check"]')).toContainText('1 mat');
	await act.getByRole('link').focus();
	await page.keyboard.press('Enter');
	await expect(page).toHaveURL(/\/check$/);
	await sent(page, 'check', { mat: code, length: '185 cm', width: '86 cm' });
	await page.goto('/');
	await expect(page.locator('[data-act=check]')).toHaveCount(0);
	await page.locator('[data-part=ready]').click();
	await expect(page).toHaveURL(/\/hand-over$/);
});

test('asks become a goal: its chance, its band, what helps and the smallest change', async ({
	page
}) => {
	await page.goto('/people');
	await page.request.post('/places?/receiving', {
		form: { name: 'Tide House' },
		headers: { origin: new URL(page.url()).origin }
	});
	await page.goto('/hand-over/asks');
	await ready(page);
	const by = new Date(Date.now() + 100 * 86_400_000).toISOString().slice(0, 10);
	await page.getByLabel(handOverWords.AskForm.mats(), { exact: true }).fill('2');
	await page.getByLabel(handOverWords.AskForm.by(), { exact: true }).fill(by);
	await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
	await expect(page.locator('[data-ask]')).toHaveCount(1);
	// Without a rhythm no chance is told: it is asked for first.
	await page.goto('/season');
	await expect(page.locator('[data-no-rhythm]')).toBeVisible();
	await expect(page.locator('[data-chance]')).toHaveCount(0);
	await expect(page.locator('[data-to-begin]')).toBeVisible();
	await page.locator('[data-no-rhythm]').getByRole('link').click();
	await ready(page);
	await page.getByRole('button', { name: tableDayWords.RhythmForm.save() }).click();
	await expect(page.locator('#rhythm-weekday-problem')).toBeVisible();
	await expectAccessible(page);
	await page.getByLabel('Thu', { exact: true }).check();
	await page.locator('#rhythm').getByLabel(tableDayWords.RhythmForm.where()).fill('Boat shed');
	await page.getByRole('button', { name: tableDayWords.RhythmForm.save() }).click();
	await expect(page.locator('[data-rhythm-words]')).toHaveText(/^Every Thursday 18:00–20:30/);
	await page.goto('/season');
	await ready(page);
	await expect(page.locator('[data-goal]')).toHaveCount(1);
	const weeks = page.locator('[data-week]');
	await expect(weeks).toHaveCount(14);
	await expect(page.locator('[data-asked]')).toHaveCount(1);
	const chance = page.locator('[data-chance]');
	const before = Number(await chance.getAttribute('data-chance'));
	expect(before).toBeLessThan(0.95);
	await expect(page.locator('[data-goal-chance]')).toHaveAttribute(
		'data-goal-chance',
		String(before)
	);
	await expect(page.locator('[data-held]').first()).toContainText('of 100');
	await expect(page.locator('[data-expected]')).toContainText('1 ready');
	await page.locator('[data-rests=days] summary').click();
	await expect(page.locator('[data-rests=days]')).toContainText('None is known yet');
	await expectAccessible(page);
	// A lever is tried: its answer is there at once, on all of the page, worked out on this device.
	const lever = page.locator('[data-lever=two-makers] a').first();
	await lever.focus();
	await page.keyboard.press('Enter');
	await expect(page.locator('[data-tried]')).toContainText('two more makers');
	await expect(page.locator('[data-tried-result]')).toBeVisible();
	const after = Number(await chance.getAttribute('data-chance'));
	expect(after).toBeGreaterThanOrEqual(before);
	// The server says the same to the last digit.
	await page.reload();
	await ready(page);
	await expect(chance).toHaveAttribute('data-chance', String(after));
	await page.getByRole('link', { name: seasonWords.SeasonPage.findTheSmallestChange() }).click();
	await expect(page.locator('[data-change]')).toBeVisible({ timeout: 30_000 });
	await page.getByRole('link', { name: seasonWords.SeasonPage.dropIt() }).click();
	await expect(chance).toHaveAttribute('data-chance', String(before));
	await page.goto('/');
	await expect(page.locator('[data-chance]')).toHaveAttribute('data-chance', String(before));
	await page.setViewportSize({ width: 390, height: 844 });
	await expectAccessible(page, 'width');
	await page.goto('/season');
	await expectAccessible(page, 'width');
});

test('what is tried is kept by a press, counted on, and dropped again', async ({ page }) => {
	await page.goto('/season?with=two-makers');
	await ready(page);
	await page.getByRole('button', { name: seasonWords.SeasonPage.keepIt() }).click();
	await expect(page.locator('[data-counted-on=two-makers]')).toHaveCount(1);
	await expect(page.locator('[data-tried]')).toHaveCount(0);
	await page.getByRole('button', { name: seasonWords.SeasonPage.noLongerCounted() }).click();
	await expect(page.locator('[data-counted-on]')).toHaveCount(0);
});

test('the hall is shut for a week by a tap, and somebody is away: the season follows', async ({
	page,
	app
}) => {
	await page.goto('/prepare/days');
	await ready(page);
	const day = page.locator('[data-day]').nth(1);
	const on = (await day.getAttribute('data-day')) ?? '';
	const week = page.locator('[data-week]', { has: page.locator(`[data-day="${on}"]`) });
	const monday = (await week.getAttribute('data-week')) ?? '';
	await week.getByRole('button', { name: tableDayWords.PrepareDaysPage.hallShut() }).click();
	await expect(page.locator(`[data-day="${on}"]`)).toHaveCount(0);
	const shut = page.locator(`[data-week="${monday}"]`);
	await expect(shut.locator('[data-shut]')).toBeVisible();
	await expectAccessible(page);
	await page.goto('/season');
	await expect(page.locator('[data-weeks] .is-off')).toHaveCount(1);
	await page.goto(`/prepare/days?month=${on.slice(0, 7)}`);
	await ready(page);
	await shut.getByRole('button', { name: tableDayWords.PrepareDaysPage.openAgain() }).click();
	await expect(page.locator(`[data-day="${on}"]`)).toHaveCount(1);
	// Somebody is away from then on.
	await page.request.post('/people?/add', {
		form: { name: 'Suri', key: crypto.randomUUID() },
		headers: { origin: new URL(page.url()).origin }
	});
	await page.reload();
	await ready(page);
	const away = page.locator('#away');
	await away.getByLabel(tableDayWords.PrepareDaysPage.who()).selectOption('Suri');
	await away.getByLabel(tableDayWords.PrepareDaysPage.firstDay()).fill(on);
	await away.getByLabel(tableDayWords.PrepareDaysPage.lastDay()).fill('2020-01-01');
	await away.getByRole('button', { name: tableDayWords.PrepareDaysPage.saveAway() }).click();
	await expect(page.locator('#away-to-problem')).toBeVisible();
	await away.getByLabel(tableDayWords.PrepareDaysPage.lastDay()).fill('');
	await away.getByRole('button', { name: tableDayWords.PrepareDaysPage.saveAway() }).click();
	await expect(page.locator('[data-away-of]')).toHaveCount(1);
	await page.goto('/season');
	await expect(page.locator('[data-weeks]')).toContainText('Suri');
	const [{ name } = { name: '' }] = await rows<{ name: string }>(
		app,
		'select p.name from away a join person p on p.id = a.person_id'
	);
	expect(name).toBe('Suri');
	const calendar = await (await page.request.get('/prepare/days/calendar.ics')).text();
	expect(calendar).toContain('RRULE:FREQ=WEEKLY;BYDAY=TH');
	expect(calendar).not.toContain('Suri');
});

test('plans can be exchanged against each other, and what each does is said', async ({ page }) => {
	await page.goto('/season?plans=yes');
	await ready(page);
	const option = page.locator('[data-exchange]');
	await expect(option).toHaveCount(1);
	// It is the plan that is begun by as things stand: it changes nothing.
	await expect(option).toContainText(
		`${seasonWords.seasonWords.noMatMore()}, ${seasonWords.seasonWords.asManyBags()}`
	);
	await option.getByRole('link').click();
	await expect(page.locator('[data-tried]')).toContainText(
		'all new mats from “Mat for the Tide House”'
	);
});

test('without scripts a lever is a link, and a forecast is kept', async ({ browser, app }) => {
	const context = await browser.newContext({ javaScriptEnabled: false, baseURL: app.address });
	const page = await context.newPage();
	await page.goto('/season');
	await page.locator('[data-lever=table-day] a').first().click();
	await expect(page.locator('[data-tried]')).toContainText('one more table day');
	await page.goto('/season');
	await page.getByRole('button', { name: seasonWords.SeasonPage.saveForecast() }).click();
	await page.goto('/season/kept');
	await expect(page.locator('[data-foretold]')).toContainText(
		seasonWords.SeasonKeptPage.itsDayIsStillTo()
	);
	await context.close();
});

test('a forecast is kept once, and looked back on when its day is over', async ({ page, app }) => {
	await page.goto('/season');
	await ready(page);
	await page.getByRole('button', { name: seasonWords.SeasonPage.saveForecast() }).dblclick();
	await expect(page.getByText(seasonWords.SeasonPage.savedAfterItsDayIt())).toBeVisible();
	const count = () => rows<{ id: number }>(app, 'select entry_id as id from season_forecast');
	expect(await count()).toHaveLength(2);
	// What was asked for and foretold three days ago, by yesterday.
	const before = (days: number) => new Date(Date.now() - days * 86_400_000).toISOString();
	const by = before(1).slice(0, 10);
	const [place] = await rows<{ id: string }>(app, 'select id from place where receives_mats');
	await sent(page, 'asked', { place: place?.id ?? '', mats: '3', by }, before(3));
	await sent(page, 'foretold', { by }, before(3));
	await page.goto('/season/kept');
	await ready(page);
	await expect(page.locator('[data-came="1"]')).toHaveText('1 made: within the range.');
	await expect(page.locator('[data-hits]')).toContainText('The one forecast');
	await expectAccessible(page);
	await page.goto('/season');
	await expect(page.locator('[data-hits]')).toContainText('within its range');
});

test('the note of the week is read, changed and put in the outbox', async ({ page }) => {
	for (const name of ['Suri', 'Odo'])
		await page.request.post('/people?/add', {
			form: { name, key: crypto.randomUUID() },
			headers: { origin: new URL((await page.goto('/people'))?.url() ?? '').origin }
		});
	await page.goto('/season/words');
	await ready(page);
	const note = page.getByLabel(seasonWords.SeasonWordsPage.text());
	await expect(note).toHaveValue(/Two mats are asked for by /);
	await expectAccessible(page);
	await note.fill('');
	await page.getByRole('button', { name: /outbox for two people/ }).click();
	await expect(page.getByText(commonWords.formReader.pleaseFillThisIn())).toBeVisible();
	await expect(note).toBeFocused();
	await note.fill('Bring bags.\nClean ones.');
	await page.getByRole('button', { name: /outbox for two people/ }).click();
	await expect(page.getByText(/^Saved: the weekly note/)).toBeVisible();
	await page.goto('/make/outbox');
	await expect(page.locator('[data-message=week]')).toHaveCount(2);
	await expect(page.locator('[data-message=week]').first()).toContainText('Clean ones.');
});

test('the season goes on paper and into a calendar', async ({ page }) => {
	const sheet = await page.request.get('/season/sheet.pdf?with=two-makers&large=yes');
	expect(sheet.headers()['content-type']).toBe('application/pdf');
	expect((await sheet.body()).subarray(0, 5).toString()).toBe('%PDF-');
	const calendar = await (await page.request.get('/season/calendar.ics')).text();
	expect(calendar).toContain('2 mats wanted by Tide House');
	// Odd addresses ask for what there is.
	for (const path of [
		'/season?by=never&with=x&plan=none',
		'/season?nine=no&with=table-day&by=2026-13-40'
	])
		expect((await page.request.get(path)).status()).toBe(200);
});
