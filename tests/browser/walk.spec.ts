// One walk through all stages, by hand and from nothing: on one process here, and at the address of a whole fleet
// (NEST_ROW_WALK_AT), where each step may be answered by another process and read from another database.
import { expect, keep, ready, test } from './app';

test.use({ world: 'walk', serviceWorkers: 'allow' });

test('from a plan and the first sacks to a mat that was handed over', async ({ page }) => {
	const said = page.locator('[data-said]');
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Mat for the Tide House');

	await page.goto('/gather');
	await ready(page);
	await page.getByLabel('From', { exact: true }).fill('Ferry kiosk');
	await page.getByLabel('Bags', { exact: true }).fill('300');
	await page.getByRole('button', { name: 'Keep it' }).click();
	await expect(page.locator('[data-place="Ferry kiosk"]')).toContainText('300');
	await page.getByRole('link', { name: 'Sorting' }).click();
	await page.getByLabel('Bags from').fill('Ferry kiosk');
	await page.getByLabel('Colour').selectOption('blue');
	await page.getByLabel('Good for strand').fill('120');
	await page.getByLabel('Rejected').fill('9');
	await page.getByRole('button', { name: 'Into the store' }).click();
	await expect(
		page.getByRole('link', { name: /^Take back.*blue sorted from Ferry kiosk/ })
	).toBeVisible();

	await page.goto('/prepare');
	await ready(page);
	await page.getByLabel('Cut and joined for').selectOption({ label: 'Mat for the Tide House' });
	for (const name of ['Flatten', 'Cut', 'Join', 'Ball of']) {
		await page.getByRole('button', { name }).first().click();
		await expect(said).toContainText('Kept');
	}
	await expect(page.locator('[data-act]').first()).toContainText('in a ball');
	await page.goto('/prepare/balls');
	const ball = (await page.locator('[data-ball]').first().getAttribute('data-ball')) ?? '';
	expect(ball).toMatch(/^[2-9A-HJ-NP-Z]{5}$/);

	await page.goto('/make');
	await ready(page);
	await page.getByLabel('By which plan').selectOption({ label: 'Mat for the Tide House' });
	await page.getByRole('button', { name: 'Begin it' }).click();
	const begun = page.locator('[data-mat]');
	await expect(begun).toHaveCount(1);
	const mat = (await begun.getAttribute('data-mat')) ?? '';
	await page.goto(`/make/${mat}`);
	await ready(page);
	await page.getByLabel('The ball’s label').fill(ball);
	await page.getByRole('button', { name: 'Give it' }).click();
	await expect(page.getByRole('link', { name: `${ball}, blue` })).toBeVisible();
	await page.locator('[data-row]').click();
	await expect(said).toHaveText('Kept: row 1.');
	await page.getByLabel('To row').fill('211');
	await page.getByRole('button', { name: 'Say so' }).click();
	// One ball makes no such mat: that is asked about once.
	await page
		.getByRole('region', { name: 'Rows' })
		.getByRole('button', { name: 'Yes, it is right' })
		.click();
	await expect(said).toHaveText('Kept: to row 211.');
	await page.goto('/make');
	await ready(page);
	await page.getByRole('button', { name: 'It is finished' }).click();
	await expect(begun).toHaveCount(0);

	await page.goto(`/check/${mat}`);
	await ready(page);
	await page.getByLabel('Length').fill('185');
	await page.getByLabel('Width', { exact: true }).fill('86');
	await page.getByRole('button', { name: 'Keep the check' }).click();
	await expect(page.locator('[data-state]')).toHaveText('good');

	await page.goto('/people');
	await ready(page);
	await page.getByLabel('A place that receives mats').fill('Tide House');
	await page.getByRole('button', { name: 'Add it' }).last().click();
	await expect(page.getByText('Tide House').first()).toBeVisible();
	await page.goto('/hand-over');
	await ready(page);
	await page.getByLabel(new RegExp(mat)).check();
	await page.getByRole('button', { name: 'They go' }).click();
	const delivery = page.locator('[data-delivery]');
	await expect(delivery).toContainText('Tide House');
	await delivery.getByLabel('By whom, in a word').fill('with thanks');
	await delivery.getByRole('button', { name: 'It was received' }).click();
	await expect(delivery).toContainText('“with thanks”');

	// What was done at every stage stands together at the end, wherever each is read.
	await page.goto('/hand-over/account');
	await expect(page.locator('[data-figure=mats]')).toContainText('1');
	await expect(page.locator('[data-figure=area]')).toContainText('1.6 m²');
	await page.goto(`/hand-over/mats/${mat}`);
	await expect(page.getByRole('main')).toContainText('Ferry kiosk');
	for (const [path, words] of [
		['/', 'Today'],
		['/season', 'The season'],
		['/measures', 'Measures'],
		['/know-how', 'Know-how']
	] as const) {
		await page.goto(path);
		await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
		await expect(page).toHaveTitle(new RegExp(words));
	}
});
