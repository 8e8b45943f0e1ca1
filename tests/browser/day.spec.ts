import * as peopleWords from '../../src/lib/words/people';
import * as prepareWords from '../../src/lib/words/prepare';
import * as tableDayWords from '../../src/lib/words/table-day';
import { PDFDocument } from '@cantoo/pdf-lib';
import type { Page } from '@playwright/test';
import { expect, expectAccessible, goOffline, keep, ready, test } from './app';
import { wordsOf } from './pdf';
import { put, rows } from './table-world';

test.describe.configure({ mode: 'serial' });
test.use({
	world: 'day',
	// The whole room is in sight: what is dragged is not scrolled.
	viewport: { width: 1280, height: 1500 },
	allowed: ['ERR_INTERNET_DISCONNECTED', 'Failed to fetch', '422', '404', '409']
});

const id = '00000000-0000-4000-8000-00000000da11';
const path = `/prepare/days/${id}`;
const people = [
	['Bo', false, { flatten: 'practised', ball: 'usual' }],
	['Gus', false, { ball: 'usual', join: 'usual' }],
	['Kit', true, { flatten: 'new', join: 'new' }],
	['Mabel', false, { join: 'practised' }],
	['Odo', false, { 'cut-sharp': 'practised', flatten: 'usual' }],
	['Tilde', false, { join: 'usual', 'cut-sharp': 'new' }]
] as const;

test.beforeAll(async ({ apps, browser }) => {
	const app = await apps('day');
	const page = await browser.newPage({ baseURL: app.address });
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Mat for the Tide House');
	await put(app, page.request, 'blue', 260);
	await page.close();
	const [group] = await rows<{ id: string }>(app, 'select id from volunteer_group');
	await rows(
		app,
		`insert into table_day (group_id, id, day, place) values ($1, $2, current_date + 7, 'Boat shed')`,
		[group?.id, id]
	);
	for (const [name, isChild, seats] of people) {
		const [person] = await rows<{ id: string }>(
			app,
			'insert into person (group_id, id, name, is_child) values ($1, gen_random_uuid(), $2, $3) returning id',
			[group?.id, name, isChild]
		);
		for (const [seat, level] of Object.entries(seats))
			await rows(app, 'insert into person_seat values ($1, $2, $3, $4)', [
				group?.id,
				person?.id,
				seat,
				level
			]);
		await rows(app, 'insert into day_person values ($1, $2, $3)', [group?.id, id, person?.id]);
	}
});

const chip = (page: Page, name: string) => page.locator(`[data-person="${name}"]`);
const station = (page: Page, name: string) => page.locator(`[data-station="${name}"]`);
const seatOf = (page: Page, name: string) =>
	page.locator('[data-station]', { has: page.locator(`[data-person="${name}"]`) });
/** Drags a name to a station: once more where the page moved under the pointer meanwhile. */
const drag = (page: Page, name: string, to: string) =>
	expect(async () => {
		await chip(page, name).dragTo(station(page, to));
		await expect(seatOf(page, name)).toHaveAttribute('data-station', to, { timeout: 1000 });
	}).toPass({ timeout: 20_000 });
/** Waits until the seats as they stand are kept, and the page read them anew. */
const seatsKept = (page: Page) =>
	expect(page.locator('[data-keeping]')).toHaveAttribute('data-keeping', 'false');
const balls = async (page: Page) =>
	Number(((await page.locator('[data-balls]').textContent()) ?? '').replace(/\D/g, ''));

test('everybody is seated by the advice, which says what no seats could beat', async ({ page }) => {
	await page.goto(path);
	await ready(page);
	expect(await balls(page)).toBe(0);
	await expect(station(page, 'nowhere').locator('[data-person]')).toHaveCount(6);
	await page.getByRole('button', { name: tableDayWords.DayPlan.suggestSeats() }).click();
	await expect(page.locator('[data-bound]')).toContainText('At most');
	const most = Number(/\d+/.exec((await page.locator('[data-bound]').textContent()) ?? '')?.[0]);
	const made = await balls(page);
	expect(made).toBeGreaterThan(4);
	expect(made).toBeLessThanOrEqual(most);
	// Kept as well as shown.
	await seatsKept(page);
	await page.reload();
	await ready(page);
	expect(await balls(page)).toBe(made);
	// By chance it is about as much; where it is the same in four of five days, nothing is said of it.
	const chance = page.locator('[data-chance]');
	await expect(chance).toHaveAttribute('data-chance', /^\d+ \d+$/, { timeout: 15_000 });
	const [low = NaN, high = NaN] = ((await chance.getAttribute('data-chance')) ?? '')
		.split(' ')
		.map(Number);
	expect(low).toBeGreaterThan(made / 2);
	// 260 bags are 13 balls, whatever chance does.
	expect(high).toBeLessThanOrEqual(13);
	await expect(page.getByText(`${low}–${high} by 20:30`)).toHaveCount(low < high ? 1 : 0);
});

test('a name is moved by keyboard and by dragging, and stays where it was put', async ({
	page
}) => {
	await page.goto(path);
	await ready(page);
	await chip(page, 'Gus').focus();
	await page.keyboard.press('Enter');
	const here = station(page, 'ball').getByRole('button', { name: 'Gus sits here' });
	await here.focus();
	await page.keyboard.press('Enter');
	await expect(seatOf(page, 'Gus')).toHaveAttribute('data-station', 'ball');
	await expect(page.locator('[data-refusal]')).toHaveCount(0);
	await page.reload();
	await ready(page);
	await expect(seatOf(page, 'Gus')).toHaveAttribute('data-station', 'ball');
	await drag(page, 'Mabel', 'join');
	await drag(page, 'Tilde', 'join');
});

test('what is moved while a move before is still being kept is kept after it', async ({ page }) => {
	await page.goto(path);
	await ready(page);
	let answered = 0;
	await page.route(/\?\/seats/, async (route) => {
		await new Promise((resolve) => setTimeout(resolve, 500));
		await route.continue();
		answered += 1;
	});
	for (const [to, rounds] of [
		['ball', 2],
		['join', 4]
	] as const) {
		for (const name of ['Mabel', 'Tilde']) {
			await drag(page, name, to);
		}
		await expect.poll(() => answered).toBe(rounds);
		await seatsKept(page);
		await expect(
			page.getByText(peopleWords.tableDays.somebodyChangedThisDayMeanwhile())
		).toHaveCount(0);
		await page.reload();
		await ready(page);
		for (const name of ['Mabel', 'Tilde'])
			await expect(seatOf(page, name)).toHaveAttribute('data-station', to);
	}
});

test('seats that reach nobody stand, say so, and are kept once somebody is reached', async ({
	page,
	context
}) => {
	await page.goto(path);
	await ready(page);
	await goOffline(page);
	await chip(page, 'Mabel').dragTo(station(page, 'ball'));
	await chip(page, 'Tilde').dragTo(station(page, 'ball'));
	const why = page.getByText('Not saved yet: no network. The seats are still here');
	await expect(why).toBeVisible();
	await expect(page.getByRole('button', { name: tableDayWords.DayPlan.saveSeats() })).toBeVisible();
	for (const name of ['Mabel', 'Tilde'])
		await expect(seatOf(page, name)).toHaveAttribute('data-station', 'ball');
	await context.setOffline(false);
	await expect(why).toHaveCount(0);
	await seatsKept(page);
	await page.reload();
	await ready(page);
	for (const name of ['Mabel', 'Tilde']) {
		await expect(seatOf(page, name)).toHaveAttribute('data-station', 'ball');
		await chip(page, name).dragTo(station(page, 'join'));
	}
	await seatsKept(page);
});

test('a child is seated with nobody beside them for no moment', async ({ page }) => {
	await page.goto(path);
	await ready(page);
	// Kit goes first: whoever sits beside a child stays until then.
	for (const name of ['Kit', 'Bo', 'Odo']) {
		await drag(page, name, 'nowhere');
	}
	await chip(page, 'Kit').click();
	await station(page, 'flatten').getByRole('button', { name: 'Kit sits here' }).click();
	await expect(page.locator('[data-refusal]')).toContainText(
		'Kit is a child and needs an adult beside them'
	);
	await expect(seatOf(page, 'Kit')).toHaveAttribute('data-station', 'nowhere');
	await chip(page, 'Bo').dragTo(station(page, 'flatten'));
	await drag(page, 'Kit', 'flatten');
	await chip(page, 'Bo').dragTo(station(page, 'ball'));
	await expect(page.locator('[data-refusal]')).toContainText('Kit is a child');
	await expect(seatOf(page, 'Bo')).toHaveAttribute('data-station', 'flatten');
});

test('advice is taken with one press, and brings what it says', async ({ page }) => {
	await page.goto(path);
	await ready(page);
	await drag(page, 'Odo', 'flatten');
	const button = page.locator('[data-advice]').getByRole('button', { name: /^(Move|Seat) / });
	await expect(button).toBeVisible({ timeout: 15_000 });
	const before = await balls(page);
	const more = Number(/(\d+) balls? more/.exec((await button.textContent()) ?? '')?.[1] ?? 0);
	// The seats are shown before they are kept: a reload in between would find those before.
	const kept = page.waitForResponse((answer) => answer.url().includes('?/seats'));
	await button.click();
	await expect.poll(() => balls(page)).toBe(before + more);
	await kept;
	await page.reload();
	await ready(page);
	expect(await balls(page)).toBe(before + more);
});

test('the day runs along its time: piles grow and shrink', async ({ page }) => {
	await page.goto(path);
	await ready(page);
	const slider = page.getByRole('slider', { name: /^The day from/ });
	await expect(page.locator('[data-place="bags"]')).toContainText(/\d+ bags/);
	const lying = async (place: string) =>
		Number(
			((await page.locator(`[data-place="${place}"] figcaption`).textContent()) ?? '').replace(
				/\D/g,
				''
			)
		);
	const morning = await lying('bags');
	await slider.focus();
	await page.keyboard.press('End');
	await expect(page.locator('[data-place="balls"]')).toContainText(`${await balls(page)} ball`);
	expect(await lying('bags')).toBeLessThan(morning);
});

test('bad times are told at their fields, and nothing typed is lost', async ({ page }) => {
	await page.goto(path);
	await page.getByText(tableDayWords.PrepareDaysIdPage.timeAndPurpose()).click();
	await page.locator('input[name=from]').fill('six');
	await page.getByLabel(tableDayWords.DayTerms.breaksAt()).fill('18:45, later');
	await page.getByLabel(tableDayWords.DayTerms.andAlso()).fill('load the loom');
	await page.getByLabel(tableDayWords.besideWords.pillowsToStuff()).fill('some');
	await page.getByRole('button', { name: tableDayWords.DayTerms.saveDay() }).click();
	await expect(page.getByText(peopleWords.readDay.writeATimeLike18())).toBeVisible();
	await expect(page.getByText(peopleWords.readDay.writeTimesLike1845())).toBeVisible();
	await expect(page.locator('input[name=from]')).toHaveValue('six');
	await expect(page.getByLabel(tableDayWords.besideWords.pillowsToStuff())).toHaveValue('some');
	await page.getByLabel(tableDayWords.besideWords.pillowsToStuff()).fill('0');
	await page.locator('input[name=from]').fill('17:30');
	await page.getByLabel(tableDayWords.DayTerms.breaksAt()).fill('18:15 19.05');
	await page.getByRole('button', { name: tableDayWords.DayTerms.saveDay() }).click();
	await expect(page.getByText('17:30 to 20:30 · 6 said yes')).toBeVisible();
	await expect(page.getByText('load the loom').first()).toBeVisible();
});

test('a day goes into calendars by the hall’s clock, without names', async ({ request, page }) => {
	const one = await request.get(`${path}/day.ics`);
	expect(one.headers()['content-type']).toContain('text/calendar');
	const text = await one.text();
	expect(text).toMatch(/DTSTART:\d{8}T173000\r\n/);
	expect(text).toMatch(/DTEND:\d{8}T203000\r\n/);
	expect(text).toContain('LOCATION:Boat shed');
	for (const name of ['Mabel', 'Odo', 'Tilde']) expect(text).not.toContain(name);
	await page.goto('/prepare/days');
	const all = await page
		.getByRole('link', { name: tableDayWords.PrepareDaysPage.addAllToCalendar() })
		.getAttribute('href');
	expect(await (await request.get(all ?? '')).text()).toContain(`UID:${id}@nest-row`);
	expect((await request.get('/prepare/days/nothing/day.ics')).status()).toBe(404);
});

test('a day on paper: its seats, a card a station, and for the door without names', async ({
	page,
	request,
	app
}) => {
	await page.goto(path);
	const sheet = async (name: string, paper: 'a4' | 'letter') => {
		const href = await page.locator(`[data-sheet=${name}]`).getAttribute('href');
		const answer = await request.get(`${href}?paper=${paper}`);
		expect(answer.status()).toBe(200);
		const bytes = await answer.body();
		const pages = (await PDFDocument.load(bytes)).getPages();
		return {
			words: await wordsOf(bytes),
			sizes: pages.map((one) => Math.round(one.getWidth()))
		};
	};
	const [mabel] = await rows<{ from: number; to: number }>(
		app,
		`select s.from_minute as from, s.to_minute as to from seat s join person p on p.id = s.person_id
		 where p.name = 'Mabel'`
	);
	const clock = (minute = 0) =>
		`${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`;
	const seats = await sheet('seats', 'a4');
	expect(seats.sizes).toEqual([595]);
	for (const [name] of people) expect(seats.words).toContain(name);
	// Of a child no paper says so.
	expect(seats.words).not.toContain('(child)');
	expect(seats.words).toContain('Boat shed, 17:30 to 20:30');
	const cards = await sheet('stations', 'letter');
	expect(cards.sizes).toEqual([612, 612, 612, 612]);
	expect(cards.words).toContain(`Mabel ${clock(mabel?.from)} to ${clock(mabel?.to)}`);
	expect(cards.words).toContain('12 pieces to the joiners');
	expect(cards.words).toContain('yarn of 20 bags: 80 pieces');
	const door = await sheet('door', 'a4');
	expect(door.words).toContain('load the loom');
	for (const [name] of people) expect(door.words.split(/\W+/)).not.toContain(name);
	expect((await request.get(`${path}/window.pdf`)).status()).toBe(404);
});

test('is accessible, on a phone as well', async ({ page }) => {
	for (const width of [1280, 390]) {
		await page.setViewportSize({ width, height: 844 });
		await page.goto(path);
		await ready(page);
		await expectAccessible(page);
	}
});

/** Where somebody sits, in the list. */
const choice = (page: Page, name: string) =>
	page.locator('label', { hasText: new RegExp(`^\\s*${name}\\b`) }).locator('select');

test.describe('without scripts', () => {
	test.use({ javaScriptEnabled: false });
	test('seats are kept from a list', async ({ page }) => {
		await page.goto(path);
		await page.getByText(tableDayWords.SeatList.seatsAsAList()).click();
		for (const [name] of people) await choice(page, name).selectOption('');
		await choice(page, 'Mabel').selectOption('join');
		await choice(page, 'Kit').selectOption('flatten');
		await page.getByRole('button', { name: tableDayWords.SeatList.saveSeats() }).click();
		await expect(page.getByText(peopleWords.day.aChildHasAnAdult())).toBeVisible();
		await page.getByText(tableDayWords.SeatList.seatsAsAList()).click();
		for (const [name] of people) await choice(page, name).selectOption('');
		await choice(page, 'Mabel').selectOption('join');
		await choice(page, 'Odo').selectOption('flatten');
		await page.getByRole('button', { name: tableDayWords.SeatList.saveSeats() }).click();
		await page.getByText(tableDayWords.DayInWords.theDayInWords()).click();
		await expect(page.getByText('Mabel: join, 17:30 to 20:30')).toBeVisible();
	});
});

test('two tablets at one station, one without network: every lot counts once', async ({
	page,
	browser,
	app
}) => {
	const done = (one: Page) => one.locator('[data-done]');
	await page.goto(`${path}/flatten`);
	await ready(page);
	const other = await browser.newPage({ baseURL: app.address });
	await other.goto(`${path}/flatten`);
	await ready(other);
	await page.locator('[data-tap]').click();
	await expect(done(page)).toHaveText('20 bags flattened');
	await goOffline(other);
	for (let lot = 0; lot < 3; lot++) {
		await other.locator('[data-tap]').click();
		// Two presses closer than a hand can mean them are one.
		await other.waitForTimeout(450);
	}
	await expect(done(other)).toHaveText('60 bags flattened');
	// One of them was a slip: it is taken back while it waits.
	await expect(other.locator('[data-said]')).toContainText(
		prepareWords.trestle.waitingOnThisDevice()
	);
	await other.getByRole('button', { name: tableDayWords.TapPage.takeTheLastOneBack() }).click();
	await expect(done(other)).toHaveText('40 bags flattened');
	await page.locator('[data-tap]').click();
	await expect(done(page)).toHaveText('40 bags flattened');
	await other.context().setOffline(false);
	await expect(other.locator('[data-said]')).toContainText(/Saved|Waiting/);
	await expect
		.poll(
			async () => {
				await page.reload();
				return done(page).textContent();
			},
			{ timeout: 20_000 }
		)
		.toBe('80 bags flattened');
	await ready(page);
	await page.getByLabel(tableDayWords.TapPage.fewer()).fill('7');
	await page.getByRole('button', { name: tableDayWords.TapPage.saveSmallerNumber() }).click();
	await expect(done(page)).toHaveText('87 bags flattened');
	await page.getByRole('button', { name: tableDayWords.TapPage.takeTheLastOneBack() }).click();
	await expect(page.locator('[data-said]')).toContainText('undone: 7 bags flattened');
	await expect(done(page)).toHaveText('80 bags flattened');
	await page.reload();
	await expect(done(page)).toHaveText('80 bags flattened');
	await other.close();
});

test('a ball that was tapped has its label, and the wall says what to do next', async ({
	page
}) => {
	await page.goto(`${path}/ball`);
	await ready(page);
	await page.locator('[data-tap]').click();
	await expect(page.locator('[data-done]')).toHaveText('1 ball');
	const label = page.getByRole('link', { name: /^[2-9A-Z]{5}$/ });
	await label.click();
	await expect(page).toHaveURL(/\/prepare\/things\/[2-9A-Z]{5}/);
	await page.goto(`${path}/wall`);
	await ready(page);
	await expect(page.locator('[data-made]')).toHaveText('1 ball');
	await expect(page.getByText('Break at 18:15.')).toBeVisible();
	await expectAccessible(page);
});

test('the day is ended: what came of it, what it teaches, and what the book lacked', async ({
	page,
	app
}) => {
	// The hall's day, which is another than the server's for half of each.
	await rows(
		app,
		`update table_day set day = (select (now() at time zone coalesce(time_zone, 'UTC'))::date from volunteer_group limit 1)`
	);
	await page.goto(path);
	await ready(page);
	await page.getByRole('button', { name: tableDayWords.DayRun.openTheDay() }).click();
	await expect(page.getByText(tableDayWords.DayRun.theDayIsOpen())).toBeVisible();
	await expect(page.locator('[data-lacks]')).toContainText('came from an unknown place');
	// Gus never came, Tilde left on the way: said with a tap, and a slip is taken back.
	await page.locator('[data-here] summary').click();
	await page.getByRole('button', { name: 'Bo left' }).click();
	await expect(page.getByRole('status').getByText('Saved: Bo is not here any more.')).toBeVisible();
	await page.getByRole('button', { name: tableDayWords.WhoIsHere.undoFor({ name: 'Bo' }) }).click();
	await expect(page.getByRole('button', { name: 'Bo left' })).toBeVisible();
	await expect(page.locator('[data-here]')).toContainText('Who is here: 6 of 6');
	await page.getByRole('button', { name: 'Gus is not coming' }).click();
	await expect(page.locator('[data-here]')).toContainText('Who is here: 5 of 6');
	await expect(
		page.getByRole('status').getByText('Saved: Gus is not here any more.')
	).toBeVisible();
	await page.reload();
	await ready(page);
	await expect(page.locator('[data-here]')).toContainText('Who is here: 5 of 6');
	await page.getByText(tableDayWords.DayRun.endTheDay()).first().click();
	await expect(page.getByRole('checkbox', { name: 'Mabel' })).toBeChecked();
	await expect(page.getByRole('checkbox', { name: 'Gus' })).not.toBeChecked();
	await page.getByRole('button', { name: tableDayWords.DayRun.endTheDay() }).click();
	await expect(page.getByText(tableDayWords.DayRun.results())).toBeVisible();
	// All that was tapped was tapped before the day was opened: it teaches nothing of anybody's pace.
	await expect(page.locator('[data-learned]')).toHaveCount(0);
	await expect(page.locator('[data-made]')).toHaveText('1 ball');
	await expect(page.getByText(/expected: \d+ balls?/)).toBeVisible();
	await expect(
		page.getByRole('button', { name: tableDayWords.DayPlan.suggestSeats() })
	).toHaveCount(0);
	await expectAccessible(page);
});
