import { expect, expectAccessible, keep, ready, tally, test } from './app';

test.use({ world: 'measures' });

test('a swatch changes what plans come to from then on, and they say so', async ({ page }) => {
	await page.goto('/plan');
	await ready(page);
	const before = await tally(page, 'toCollect').textContent();
	await keep(page, 'Before the swatch');
	await page.goto('/measures');
	await ready(page);
	await page.getByLabel('Worked as in').selectOption({ label: 'Before the swatch' });
	await page.getByLabel('Stitches', { exact: true }).fill('20');
	await page.getByLabel('Rows', { exact: true }).fill('20');
	await page.getByLabel('Width over them').fill('1.98');
	await page.getByLabel('Height over them').fill('18 cm');
	await expect(page.getByText(/times what was expected/)).toBeVisible();
	await page.getByLabel('Width over them').fill('22 cm');
	await page.getByLabel('Height over them').fill('19 cm');
	await expect(page.getByText(/It says: stitches 1\d\d % of the craft's/)).toBeVisible();
	await page.getByRole('button', { name: 'Keep it' }).click();
	await expect(page.getByText('Kept: a swatch.')).toBeVisible();
	await expect(page.getByRole('img', { name: /Size of a stitch.*now/ })).toBeVisible();
	const line = page.locator('[data-plan="Before the swatch"]');
	await expect(line.locator('[data-now]')).not.toContainText(`${before}`);

	await page.getByLabel('How many joints').fill('240');
	await page.getByLabel('Minutes').fill('55');
	await page.getByRole('button', { name: 'Keep the time' }).click();
	await expect(page.getByText('Kept: 240 joints timed.')).toBeVisible();
	await expectAccessible(page);

	await page.goto('/plan');
	await ready(page);
	await expect(page.getByText('These figures use your own measures')).toBeVisible();
	await expect(tally(page, 'toCollect')).not.toHaveText(`${before}`);

	await page.goto('/measures');
	await ready(page);
	for (const leftOut of [1, 2]) {
		await page.getByRole('button', { name: 'Leave it out' }).first().click();
		await expect(page.getByRole('button', { name: 'Count it again' })).toHaveCount(leftOut);
	}
	await page.goto('/plan');
	await ready(page);
	await expect(tally(page, 'toCollect')).toHaveText(`${before}`);
});
