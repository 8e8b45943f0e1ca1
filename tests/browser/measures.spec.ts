import * as handOverWords from '../../src/lib/words/hand-over';
import * as measuresWords from '../../src/lib/words/measures';
import * as planWords from '../../src/lib/words/plan';
import { choose, expect, expectAccessible, keep, openStep, ready, tally, test } from './app';

test.use({ world: 'measures' });

test('a swatch changes what plans come to from then on, and they say so', async ({ page }) => {
	await page.goto('/plan');
	await ready(page);
	const before = await tally(page, 'toCollect').textContent();
	await keep(page, 'Before the swatch');
	await page.goto('/measures');
	await ready(page);
	await page
		.getByLabel(measuresWords.MeasureForm.workedAsIn())
		.selectOption({ label: 'Before the swatch' });
	await page.getByLabel(measuresWords.MeasureForm.stitches(), { exact: true }).fill('20');
	await page.getByLabel(measuresWords.MeasureForm.rows(), { exact: true }).fill('20');
	await page.getByLabel(measuresWords.MeasureForm.theirWidth()).fill('1.98');
	await page.getByLabel(measuresWords.MeasureForm.theirHeight()).fill('18 cm');
	await expect(page.getByText(/times what was expected/)).toBeVisible();
	await page.getByLabel(measuresWords.MeasureForm.theirWidth()).fill('22 cm');
	await page.getByLabel(measuresWords.MeasureForm.theirHeight()).fill('19 cm');
	await expect(
		page.getByText(/Result: stitch width \d+ % of the standard, row height \d+ %/)
	).toBeVisible();
	await page.getByRole('button', { name: measuresWords.MeasureForm.save(), exact: true }).click();
	await expect(page.getByText('Saved: a swatch.')).toBeVisible();
	await expect(page.getByRole('img', { name: /Height of a row.*now/ })).toBeVisible();
	const line = page.locator('[data-plan="Before the swatch"]');
	await expect(line.locator('[data-now]')).not.toContainText(`${before}`);

	await page.getByLabel('How many joints').fill('240');
	await page.getByLabel(measuresWords.TimedWorkForm.minutes()).fill('55');
	await page.getByRole('button', { name: measuresWords.TimedWorkForm.saveTime() }).click();
	await expect(page.getByText('Saved: 240 joints timed.')).toBeVisible();
	await expectAccessible(page);

	await page.goto('/plan');
	await ready(page);
	await expect(page.getByText('Figures are by our own measures.')).toBeVisible();
	await expect(tally(page, 'toCollect')).not.toHaveText(`${before}`);

	await page.goto('/measures');
	await ready(page);
	for (const leftOut of [1, 2]) {
		await page
			.getByRole('button', { name: measuresWords.MeasureList.leaveItOut() })
			.first()
			.click();
		await expect(
			page.getByRole('button', { name: measuresWords.MeasureList.countItAgain() })
		).toHaveCount(leftOut);
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

	await page
		.getByLabel(measuresWords.MeasureForm.workedAsIn())
		.selectOption({ label: 'Crocheted' });
	await page.getByLabel(measuresWords.MeasureForm.what(), { exact: true }).selectOption('mat');
	await page.getByLabel(measuresWords.MeasureForm.bagsUsed(), { exact: true }).fill('600');
	await page.getByLabel(measuresWords.MeasureForm.lengthOfTheMat()).fill('1.85 m');
	await page.getByLabel(measuresWords.MeasureForm.widthOfTheMat()).fill('85 cm');
	await page.locator('#measurement-maker').fill('Mabel');
	await expect(page.getByText(/Result: bags in the mat 1\d\d % of the standard/)).toBeVisible();
	await page.getByRole('button', { name: measuresWords.MeasureForm.save(), exact: true }).click();
	await expect(page.getByText('Saved: a finished mat.')).toBeVisible();

	await page.getByLabel(measuresWords.MeasureForm.what(), { exact: true }).selectOption('woven');
	await page
		.getByRole('textbox', { name: measuresWords.MeasureForm.rows(), exact: true })
		.fill('40');
	await page.getByLabel(measuresWords.MeasureForm.theirLength()).fill('12 cm');
	await expect(page.getByText(measuresWords.planBasis.wovenRowsBelongToA())).toBeVisible();
	await page
		.getByLabel(measuresWords.MeasureForm.workedAsIn())
		.selectOption({ label: 'On the loom' });
	await page.getByLabel(measuresWords.MeasureForm.bagsWovenIn(), { exact: true }).fill('36');
	await page.locator('#measurement-maker').fill('Odo');
	await expect(page.getByText(/Result: loom rows \d+ % of the standard, pieces/)).toBeVisible();
	await page.getByRole('button', { name: measuresWords.MeasureForm.save(), exact: true }).click();
	await expect(page.getByText('Saved: woven rows.')).toBeVisible();

	const stitches = page.getByRole('img', { name: /Height of a row/ });
	await expect(stitches).toHaveAccessibleName(/now/);
	await page.getByLabel(measuresWords.MeasuresPage.byWhoseMeasures()).selectOption('Odo');
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
		await page.getByLabel(planWords.PlanHead.nameOfThePlan()).fill('By hand');
		await page.getByRole('button', { name: planWords.BenchActs.savePlan() }).click();
		await page.goto('/measures');
		await page.getByLabel(measuresWords.MeasureForm.what(), { exact: true }).selectOption('chain');
		await page
			.getByLabel(measuresWords.MeasureForm.workedAsIn())
			.selectOption({ label: 'By hand' });
		await page.locator('input[name=counted]').fill('10');
		await page.locator('input[name=length]').fill('43 m');
		await page.getByRole('button', { name: measuresWords.MeasureForm.save(), exact: true }).click();
		await expect(page.getByText('Perhaps a decimal point slipped')).toBeVisible();
		await expect(page.locator('input[name=length]')).toHaveValue('43 m');
		await page.locator('input[name=length]').fill('4.3 m');
		await page.getByRole('button', { name: measuresWords.MeasureForm.save(), exact: true }).click();
		await expect(page.getByText(handOverWords.ReceiveButton.saved())).toBeVisible();
		await expect(page.getByText(/Chain, .*pieces 9\d %/)).toBeVisible();
		await page.locator('input[name=units]').fill('240');
		await page.getByLabel(measuresWords.TimedWorkForm.minutes()).fill('55');
		await page.getByRole('button', { name: measuresWords.TimedWorkForm.saveTime() }).click();
		await expect(page.getByText('240 joints by 1 in 55 min').first()).toBeVisible();
	});
});
