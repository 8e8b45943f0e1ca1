import * as routesWords from '../../src/lib/words/routes';
import * as commonWords from '../../src/lib/words/common';
import * as houseWords from '../../src/lib/words/house';
import * as planWords from '../../src/lib/words/plan';
import type { Page } from '@playwright/test';
import { expect, expectAccessible, keep, ready, test } from './app';
import { put, rows } from './table-world';

test.use({ world: 'links', allowed: ['status of 4', 'Failed to fetch', 'ERR_INTERNET'] });

/** Presses one of the buttons that make a link, and gives the path of what it made. */
async function linkBy(page: Page, name: string): Promise<string> {
	await page.goto('/links');
	await ready(page);
	await page.getByRole('button', { name }).click();
	return new URL(await page.getByLabel(commonWords.MadeLink.theNewLink()).inputValue()).pathname;
}

test('what is asked for and the calendar are read by their links, and by nothing else of them', async ({
	page,
	browser,
	request,
	app
}) => {
	const [asks, calendar] = [
		await linkBy(page, houseWords.LinksPage.toWhatIsAskedFor()),
		await linkBy(page, houseWords.LinksPage.toTheCalendar())
	];
	expect(asks).toMatch(/^\/a\/[\w-]{64}$/);
	const visitor = await (await browser.newContext({ baseURL: app.address })).newPage();
	await visitor.goto(asks);
	await expect(
		visitor.getByRole('heading', { name: houseWords.AAddressPage.bagsWanted2() })
	).toBeVisible();
	await expect(visitor.getByRole('link', { name: routesWords.names.gather() })).toHaveCount(0);
	await expectAccessible(visitor);
	const sheet = await request.get(`${asks}/sheet.pdf`);
	expect((await sheet.body()).subarray(0, 5).toString()).toBe('%PDF-');
	const feed = await request.get(calendar);
	expect(await feed.text()).toContain('BEGIN:VCALENDAR');
	expect(feed.headers()['cache-control']).toBe('no-store');
	// A secret of one is none of the other, and a list of links tells none.
	expect((await request.get(calendar.replace('/c/', '/a/'))).status()).toBe(404);
	expect((await request.get(asks.replace('/a/', '/c/'))).status()).toBe(404);
	await page.goto('/links');
	expect(await page.content()).not.toContain(asks.slice(3, 40));
	await page
		.locator('[data-link=calendar]')
		.getByRole('button', { name: 'Revoke the link to the calendar' })
		.click();
	expect((await request.get(calendar)).status()).toBe(404);
	await visitor.context().close();
});

test('a station is tapped at by its link alone; what comes once it is closed is held, then kept', async ({
	page,
	browser,
	request,
	app
}) => {
	test.slow();
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Mat of the table day');
	await put(app, request, 'blue', 400);
	const day = crypto.randomUUID();
	await rows(
		app,
		`insert into table_day (group_id, id, day, place) select id, $1, current_date + 1, 'Boat shed' from volunteer_group`,
		[day]
	);
	const address = await linkBy(page, houseWords.LinksPage.toThisStationForIts());
	const tablet = await browser.newContext({ baseURL: app.address });
	const station = await tablet.newPage();
	await station.goto(address);
	await ready(station);
	await expect(station.getByRole('link', { name: routesWords.names.gather() })).toHaveCount(0);
	const tap = station.locator('[data-tap]').first();
	await tap.click();
	await expect(station.locator('[data-said]')).toContainText(planWords.PlansPage.saved());
	// Another station, another entry and another day are not its own.
	const sent = async (type: string, typed: object) => {
		const entries = [{ key: crypto.randomUUID(), type, typed: { day, ...typed } }];
		const answer = await request.post(`${address}/entries`, { data: { entries } });
		const { answers } = (await answer.json()) as { answers: { outcome: string }[] };
		return answers[0]?.outcome;
	};
	expect(await sent('drop-off', { place: 'x', bags: '3' })).toBe('refused');
	expect(await sent('tap', { day: crypto.randomUUID(), station: 'cut', count: '5' })).toBe(
		'refused'
	);
	// Two taps without network, and meanwhile the link is revoked.
	await tablet.setOffline(true);
	await station.waitForTimeout(450);
	await tap.click();
	// The same once more within a moment is a slip of the finger.
	await station.waitForTimeout(450);
	await tap.click();
	await page.goto('/links');
	await page
		.locator('[data-link=station]')
		.getByRole('button', { name: houseWords.LinksPage.revoke() })
		.click();
	await expect(page.locator('[data-link=station]')).toContainText(houseWords.LinksPage.revoked());
	// What it could not have kept while it was open it does not leave there now.
	expect(await sent('drop-off', { place: 'x', bags: '3' })).toBe('refused');
	expect(await sent('tap', { day: crypto.randomUUID(), station: 'cut', count: '5' })).toBe(
		'refused'
	);
	await tablet.setOffline(false);
	await expect
		.poll(
			async () => {
				await page.goto('/links');
				return page.locator('[data-late=tap]').count();
			},
			{ timeout: 20_000 }
		)
		.toBe(2);
	await expectAccessible(page);
	await page
		.locator('[data-late=tap]')
		.first()
		.getByRole('button', { name: houseWords.LinksPage.save(), exact: true })
		.click();
	await expect(page.locator('[data-late=tap]')).toHaveCount(1);
	await page.locator('[data-late=tap]').first().getByRole('button', { name: 'Delete' }).click();
	await expect(page.locator('[data-late=tap]')).toHaveCount(0);
	// One tap before, one kept of the two that came late: each once, by the link.
	const taps = await rows<{ linked: boolean }>(
		app,
		"select link_id is not null as linked from entry where type = 'tap' order by id"
	);
	expect(taps.map(({ linked }) => linked)).toEqual([true, true]);
	await tablet.close();
});
