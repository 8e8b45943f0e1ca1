import * as gatherWords from '../../src/lib/words/gather';
import * as prepareWords from '../../src/lib/words/prepare';
import type { Page } from '@playwright/test';
import { expect, expectAccessible, ready, test } from './app';

test.use({ world: 'lists', allowed: ['status of 422', 'status of 404'] });

/** Brings a list in and waits until it lies on the table. */
async function bring(page: Page, list: 'drop-offs' | 'movements', text: string) {
	await page.goto('/gather/lists');
	await ready(page);
	await page.getByLabel(gatherWords.GatherListsPage.theListHolds()).selectOption(list);
	await page
		.getByLabel(gatherWords.GatherListsPage.theFile())
		.setInputFiles({ name: 'autumn.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
	await page.getByRole('button', { name: gatherWords.GatherListsPage.checkTheList() }).click();
	await page.waitForURL(/lists\/[0-9a-f-]{36}$/);
	await ready(page);
}

test('a list with mistakes says where they are, keeps nothing, and is kept once put right', async ({
	page
}) => {
	const rows = ['2026-11-12,Ferry kiosk,120,dry', 'last week,Ferry kiosk,many,', '2026-11-13,,7,'];
	await bring(page, 'drop-offs', ['Day,Source,How many,Weather', ...rows].join('\r\n'));
	await expect(page.getByText('“bags” is needed: choose its column.')).toBeVisible();
	await page.getByLabel(prepareWords.ToolForm.howMany()).selectOption('bags');
	await expect(page.locator('[data-problem]')).toHaveCount(3);
	await expect(page.getByLabel('Row 3, date')).toHaveValue('last week');
	await expect(page.locator('[data-problem="3 bags"]')).toContainText(
		'“many” is not a whole number'
	);
	await expect(page.getByLabel('Row 4, place')).toHaveValue('');
	const cell = page.locator('[data-problem="4 place"]');
	await cell.getByRole('textbox').fill('Tide House');
	await cell.getByRole('button', { name: gatherWords.ListProblems.correct() }).click();
	await expect(page.locator('[data-problem]')).toHaveCount(2);
	await expect(page.getByRole('button', { name: /Save all/ })).toHaveCount(0);
	await page.getByLabel('Weather').selectOption('note');
	await expectAccessible(page);
	await page.goto('/gather');
	await expect(page.getByText('Ferry kiosk')).toHaveCount(0);

	await bring(
		page,
		'drop-offs',
		'date;place;bags;note\n2026-11-12;Ferry kiosk;120;"dry; folded"\n2026-11-13;Tide House;7;'
	);
	await expect(page.getByText(gatherWords.GatherListsIdPage.everyRowIsGood())).toBeVisible();
	await expect(page.locator('[data-head="note"]').first()).toHaveText('dry; folded');
	await page.getByRole('button', { name: 'Save all 2 rows' }).click();
	await expect(page.getByText('All 2 rows were saved')).toBeVisible();
	await page.getByRole('link', { name: gatherWords.GatherListsIdPage.lookAtThem() }).click();
	await expect(
		page.locator('[data-lately]').filter({ hasText: 'Ferry kiosk' }).first()
	).toContainText('120');
	await expect(page.locator('[data-came]').getByText('dry; folded')).toHaveCount(1);
});

test('movements are checked against the store row by row, and the same list is noticed', async ({
	page
}) => {
	const list = (amounts: number[]) =>
		['kind,colour,form,amount', ...amounts.map((n) => `Thin carrier,red,bag,${n}`)].join('\n');
	await bring(page, 'movements', list([10, -12, 5]));
	await expect(page.locator('[data-problem="3 amount"]')).toContainText('only 10 of that');
	await page.getByRole('button', { name: gatherWords.GatherListsIdPage.discardTheList() }).click();
	await page.waitForURL(/lists$/);

	await bring(page, 'movements', list([10, -4]));
	await page.getByRole('button', { name: 'Save all 2 rows' }).click();
	await expect(page.getByText('All 2 rows were saved')).toBeVisible();
	await page.reload();
	await expect(page.getByText('All 2 rows were saved')).toBeVisible();
	await page.goto('/gather/store?table=yes');
	await expect(page.locator('[data-line="Thin carrier red bag"] [data-amount]')).toHaveText('6');

	await bring(page, 'movements', list([10, -4]));
	await expect(page.getByText('The same rows were saved')).toBeVisible();
});

test('odd counts are asked about where they stand, and are kept once they are said to be right', async ({
	page
}) => {
	await bring(
		page,
		'drop-offs',
		'date,place,bags\n2026-11-11,Tin jetty,40\n2026-11-12,Tin jetty,40\n2026-11-13,Tin jetty,4000'
	);
	const odd = page.locator('[data-odd]');
	await expect(odd).toHaveCount(1);
	await expect(odd).toContainText('This source usually brings about 40');
	await expect(page.getByRole('button', { name: /Save all/ })).toHaveCount(0);
	await expectAccessible(page);
	await page.getByLabel('Row 4, bags').fill('3999');
	await odd.getByRole('button', { name: gatherWords.ListProblems.correct() }).click();
	await expect(page.getByLabel('Row 4, bags')).toHaveValue('3999');
	await page.getByRole('button', { name: gatherWords.ListQuestions.thisCountIsRight() }).click();
	await page.getByRole('button', { name: 'Save all 3 rows' }).click();
	await expect(page.getByText('All 3 rows were saved')).toBeVisible();
	await page.goto('/places');
	await expect(page.locator('[data-place="Tin jetty"]')).toContainText(/4.079/);
});

test('what cannot be read is refused in a sentence, with what was pasted kept', async ({
	page
}) => {
	await page.goto('/gather/lists');
	await ready(page);
	await page.getByRole('button', { name: gatherWords.GatherListsPage.checkTheList() }).click();
	await expect(page.getByText(gatherWords.GatherListsActs.chooseAFileOrPaste())).toBeVisible();
	await page
		.getByLabel(gatherWords.GatherListsPage.orPasteItHere())
		.fill('date,place,bags\n"2026-11-12,Ferry');
	await page.getByRole('button', { name: gatherWords.GatherListsPage.checkTheList() }).click();
	await expect(page.getByText('a quotation mark is never closed')).toBeVisible();
	await expect(page.getByLabel(gatherWords.GatherListsPage.orPasteItHere())).toHaveValue(/Ferry/);
	await expectAccessible(page);
});

test('lists come out whole, and go in again', async ({ page, request }) => {
	const rows = Array.from({ length: 5200 }, (_, at) => `Thin carrier,green,bag,${(at % 7) + 1}`);
	await bring(page, 'movements', ['kind,colour,form,amount', ...rows].join('\n'));
	await page.getByRole('button', { name: /Save all 5.200 rows/ }).click();
	// A shared machine takes its time for so many.
	await expect(page.getByText(/All 5.200 rows were saved/)).toBeVisible({ timeout: 90_000 });
	const answer = await request.get('/gather/lists/movements.csv');
	expect(answer.headers()['content-type']).toContain('text/csv');
	const lines = (await answer.text()).trimEnd().split('\r\n');
	expect(lines[0]).toBe('when,kind,colour,form,amount,reason,by,note');
	const green = lines.filter((line) => line.includes(',green,bag,'));
	expect(green).toHaveLength(5200);
	expect(green.map((line) => line.split(',')[4])).toEqual(
		rows.map((row) => row.split(',').at(-1) ?? '')
	);
	expect((await request.get('/gather/lists/secrets.csv')).status()).toBe(404);
	expect((await request.get('/gather/lists/drop-offs.csv')).status()).toBe(200);
});

test('a list that is gone, or never was, answers in a sentence', async ({ page, request, app }) => {
	const nowhere = `/gather/lists/${crypto.randomUUID()}`;
	const answer = await page.goto(nowhere);
	expect(answer?.status()).toBe(404);
	const kept = await request.post(`${nowhere}/keep`, { headers: { origin: app.address } });
	expect(await kept.json()).toEqual({ outcome: 'gone' });
});

test.describe('a phone', () => {
	test.use({ viewport: { width: 360, height: 740 } });
	test('shows a wide list without sideways scroll of the page', async ({ page }) => {
		const heads = Array.from({ length: 12 }, (_, at) => `column number ${at}`);
		await bring(page, 'drop-offs', `${heads.join(',')}\n${heads.map(() => 'text').join(',')}`);
		await expectAccessible(page);
	});
});
