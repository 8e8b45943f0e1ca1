// What a press counts for: two that a hand can mean are two acts, whether the first was answered or not; a slip of the
// finger is one, and that is said.
import * as commonWords from '../../src/lib/words/common';
import * as gatherWords from '../../src/lib/words/gather';
import * as prepareWords from '../../src/lib/words/prepare';
import type { Page } from '@playwright/test';
import { slipMs } from '../../src/lib/ui/slip';
import { expect, keep, ready, test } from './app';
import { put, rows } from './table-world';

test.use({ world: 'presses' });

const at = (page: Page, place: string) =>
	page.locator(`[data-place="${place}"]`).locator('[data-pile*=" green "]');
const opened = async (page: Page, place: string) => {
	await page.goto('/prepare');
	await ready(page);
	await at(page, place).getByRole('link').click();
	await expect(page.locator('[data-open]')).toBeVisible();
};

test('a form whose fields stay counts each press, answered or not, and a slip once', async ({
	page,
	app
}) => {
	test.slow();
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Mat of one colour');
	await put(app, page.request, 'green', 80);
	const count = async (sql: string) => (await rows<{ n: number }>(app, sql))[0]?.n;

	await opened(page, 'bag');
	await page.getByRole('textbox', { name: gatherWords.DropOffForm.bags(), exact: true }).fill('15');
	const flat = page.getByRole('button', { name: prepareWords.PileForms.flattenBags() });
	// The answer comes late: neither press waits for it.
	await page.route(/\/api\/entries/, async (route) => {
		await new Promise((resolve) => setTimeout(resolve, 1500));
		await route.continue();
	});
	await flat.click();
	await page.waitForTimeout(slipMs + 50);
	await flat.click();
	const flattened = `select coalesce(sum((typed ->> 'bags')::integer), 0)::integer as n from entry where type = 'flatten'`;
	await expect.poll(() => count(flattened)).toBe(30);
	await page.unroute(/\/api\/entries/);
	await page.waitForTimeout(slipMs + 50);
	await flat.dblclick();
	await expect.poll(() => count(flattened)).toBe(45);
	await expect(page.getByText(commonWords.slip.pressedTwiceAtOnceIt()).first()).toBeVisible();

	await opened(page, 'flat');
	await page.getByRole('textbox', { name: gatherWords.DropOffForm.bags(), exact: true }).fill('40');
	await page.getByRole('button', { name: prepareWords.PileForms.cutFlatBags() }).click();
	await expect
		.poll(() => count(`select count(*)::integer as n from entry where type = 'cut'`))
		.toBe(1);
	await opened(page, 'piece');
	await page
		.getByRole('textbox', { name: prepareWords.PileForms.pieces(), exact: true })
		.fill('140');
	await page.getByRole('button', { name: prepareWords.PileForms.joinPieces() }).click();
	await expect
		.poll(() => count(`select count(*)::integer as n from entry where type = 'join'`))
		.toBe(1);

	await opened(page, 'strand');
	await page.getByLabel('Yarn of how many green bags').fill('1');
	const wind = page.getByRole('button', { name: prepareWords.PileForms.windABall() });
	const presses = 12;
	for (let press = 0; press < presses; press++) {
		await wind.click();
		await page.waitForTimeout(slipMs + 30);
	}
	await expect
		.poll(() => count(`select count(*)::integer as n from thing where sort = 'ball'`))
		.toBe(presses);
});
