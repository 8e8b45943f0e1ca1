import { choose, expect, expectAccessible, keep, openStep, ready, tally, test } from './app';

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
	await expect(
		page.getByText(/It says: stitch width \d+ % of the craft's, row height \d+ %/)
	).toBeVisible();
	await page.getByRole('button', { name: 'Keep it' }).click();
	await expect(page.getByText('Kept: a swatch.')).toBeVisible();
	await expect(page.getByRole('img', { name: /Height of a row.*now/ })).toBeVisible();
	const line = page.locator('[data-plan="Before the swatch"]');
	await expect(line.locator('[data-now]')).not.toContainText(`${before}`);

	await page.getByLabel('How many joints').fill('240');
	await page.getByLabel('Minutes').fill('55');
	await page.getByRole('button', { name: 'Keep the time' }).click();
	await expect(page.getByText('Kept: 240 joints timed.')).toBeVisible();
	await expectAccessible(page);

	await page.goto('/plan');
	await ready(page);
	await expect(page.getByText('Figures by this group’s own measures.')).toBeVisible();
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

test('a finished mat and a batch woven in are measures too, looked at by everyone or by one maker', async ({
	page
}) => {
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Crocheted');
	await page.goto('/plan');
	await ready(page);
	await openStep(page, 'Technique');
	await choose(page, 'technique', 'peg-loom');
	await keep(page, 'On the loom');
	await page.goto('/measures');
	await ready(page);

	await page.getByLabel('Worked as in').selectOption({ label: 'Crocheted' });
	await page.getByLabel('What', { exact: true }).selectOption('mat');
	await page.getByLabel('Bags used').fill('600');
	await page.getByLabel('Length of the mat').fill('1.85 m');
	await page.getByLabel('Width of the mat').fill('85 cm');
	await page.getByLabel('By, if they like').fill('Mabel');
	await expect(page.getByText(/It says: bags in the mat 1\d\d % of the craft's/)).toBeVisible();
	await page.getByRole('button', { name: 'Keep it' }).click();
	await expect(page.getByText('Kept: a finished mat.')).toBeVisible();

	await page.getByLabel('What', { exact: true }).selectOption('woven');
	await page.getByRole('textbox', { name: 'Rows' }).fill('40');
	await page.getByLabel('Length over them').fill('12 cm');
	await expect(page.getByText('Woven rows belong to a loom, a frame or bands.')).toBeVisible();
	await page.getByLabel('Worked as in').selectOption({ label: 'On the loom' });
	await page.getByLabel('Bags woven in').fill('36');
	await page.getByLabel('By, if they like').fill('Odo');
	await expect(page.getByText(/It says: loom rows \d+ % of the craft's, pieces/)).toBeVisible();
	await page.getByRole('button', { name: 'Keep it' }).click();
	await expect(page.getByText('Kept: woven rows.')).toBeVisible();

	const stitches = page.getByRole('img', { name: /Height of a row/ });
	await expect(stitches).toHaveAccessibleName(/now/);
	await page.getByLabel('By whose measures').selectOption('Odo');
	await expect(page.getByText("What Odo's own measures say")).toBeVisible();
	await expect(stitches).toHaveAccessibleName(/not measured yet/);
	await expect(page.getByRole('img', { name: /Rows on the loom/ })).toHaveAccessibleName(/now/);
	await expect(page.getByRole('columnheader', { name: 'Bags with Odo' })).toBeVisible();
	await expectAccessible(page);
});

test.describe('without scripts', () => {
	test.use({ javaScriptEnabled: false, allowed: ['status of 422'] });

	test('a measure is asked about, kept once it is said to be right, and work is timed', async ({
		page
	}) => {
		await page.goto('/plan');
		await page.getByLabel('Name of the plan').fill('By hand');
		await page.getByRole('button', { name: 'Keep this plan' }).click();
		await page.goto('/measures');
		await page.getByLabel('What', { exact: true }).selectOption('chain');
		await page.getByLabel('Worked as in').selectOption({ label: 'By hand' });
		await page.locator('input[name=counted]').fill('10');
		await page.locator('input[name=length]').fill('43 m');
		await page.getByRole('button', { name: 'Keep it' }).click();
		await expect(page.getByText('A decimal place may have slipped')).toBeVisible();
		await expect(page.locator('input[name=length]')).toHaveValue('43 m');
		await page.locator('input[name=length]').fill('4.3 m');
		await page.getByRole('button', { name: 'Keep it' }).click();
		await expect(page.getByText('Kept.')).toBeVisible();
		await expect(page.getByText(/Chain, .*pieces 9\d %/)).toBeVisible();
		await page.locator('input[name=units]').fill('240');
		await page.getByLabel('Minutes').fill('55');
		await page.getByRole('button', { name: 'Keep the time' }).click();
		await expect(page.getByText('240 joints by 1 in 55 min').first()).toBeVisible();
	});
});
