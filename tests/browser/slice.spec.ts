import * as commonWords from '../../src/lib/words/common';
import * as planWords from '../../src/lib/words/plan';
import { readFileSync } from 'node:fs';
import { change, choose, expect, keep, openStep, ready, tally, test } from './app';

test.describe.configure({ mode: 'serial' });

test('a target size becomes bags, strand and hours, kept over a restart', async ({ page, app }) => {
	await page.goto('/plan');
	await ready(page);
	await expect(tally(page, 'toCollect')).toHaveText('624');

	await openStep(page, 'Size');
	await page.getByLabel(planWords.WidthChart.width(), { exact: true }).fill('0.9 m');
	await page.getByLabel(planWords.SizeStep.length(), { exact: true }).fill('190');
	await openStep(page, 'Cut');
	await choose(page, 'trim', planWords.CoverGauge.close());
	await choose(page, 'loops', 'measured');
	await page.getByLabel(planWords.handles.stripWidth(), { exact: true }).fill('50');
	await expect(page.getByRole('img', { name: /7 loops of 50 mm/ }).first()).toBeVisible();
	await openStep(page, 'Technique');
	await choose(page, 'stitch', 'dc');
	await page.getByLabel(planWords.CrochetFields.hook(), { exact: true }).selectOption('7');

	// The second worked case of the craft: 105 stitches, 122 rows, 883 m.
	await expect(tally(page, 'strandM')).toHaveText('883');
	await expect(page.getByRole('img', { name: /122 rows, 105 stitches/ }).first()).toBeVisible();

	await keep(page, 'For the Tide House');
	const collected = await tally(page, 'toCollect').textContent();
	await app.restart();
	await page.goto('/plans');
	const line = page.locator('[data-plan="For the Tide House"]');
	await expect(line).toContainText(`${collected}`);
	await line.getByRole('link', { name: 'For the Tide House' }).click();
	await ready(page);
	await expect(tally(page, 'toCollect')).toHaveText(`${collected}`);
	await openStep(page, 'Cut');
	await expect(page.getByLabel(planWords.handles.stripWidth(), { exact: true })).toHaveValue(
		'50 mm'
	);
});

test('our own bag by ruler and kitchen scale changes everything that follows from it', async ({
	page
}) => {
	await page.goto('/plan');
	await ready(page);
	const before = await tally(page, 'toCollect').textContent();
	await openStep(page, 'Bag');
	await choose(page, 'bag_preset', 'own');
	await page.getByLabel(planWords.BagStep.flatWidth(), { exact: true }).fill('15 in');
	await page.getByLabel(planWords.BagStep.aHandfulWeighs()).fill('0.14 kg');
	await expect(tally(page, 'toCollect')).not.toHaveText(`${before}`);
	await choose(page, 'bag_preset', 'thin-carrier');
	await expect(tally(page, 'toCollect')).toHaveText(`${before}`);
});

test('a plan is renamed, duplicated, deleted and brought back', async ({ page }) => {
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Blue');
	await page.getByRole('link', { name: planWords.PlanPage.plans() }).click();
	/** Opens a plan's menu: every act done closes it. */
	const menu = (name: string) =>
		page.getByRole('button', { name: `Change ${name}`, exact: true }).click();

	await menu('Blue');
	await page.getByLabel(planWords.PlansPage.newName()).first().fill('Green');
	await page.getByRole('button', { name: planWords.PlansPage.rename() }).first().click();
	await expect(page.getByRole('link', { name: 'Green', exact: true })).toBeVisible();

	await menu('Green');
	await page
		.locator('[data-plan=Green]')
		.getByRole('button', { name: planWords.PlansPage.duplicate() })
		.click();
	const copy = page.getByRole('link', { name: 'Copy of Green' });
	await expect(copy).toHaveCount(1);

	await menu('Copy of Green');
	await page
		.locator('[data-plan="Copy of Green"]')
		.getByRole('button', { name: planWords.PlansPage.delete() })
		.click();
	await expect(page.getByText('“Copy of Green” was deleted.')).toBeVisible();
	await expect(copy).toHaveCount(0);
	await page.getByRole('button', { name: planWords.BenchActs.undo(), exact: true }).click();
	await expect(copy).toHaveCount(1);
});

test('a plan goes out as a file and comes back the same', async ({ page }, info) => {
	await page.goto('/plan');
	await ready(page);
	await openStep(page, 'Size');
	await page.getByLabel(planWords.WidthChart.width(), { exact: true }).fill('33 in');
	await keep(page, 'There & back');
	const figure = await tally(page, 'strandM').textContent();
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('link', { name: planWords.PlanIdPage.saveAsAFile() }).click()
	]);
	expect(download.suggestedFilename()).toBe('There-back.nest-row.json');
	const path = info.outputPath('plan.json');
	await download.saveAs(path);
	const saved = JSON.parse(readFileSync(path, 'utf8')) as {
		plan: { target: { width_mm: number } };
	};
	expect(saved.plan.target.width_mm).toBeCloseTo(838.2, 6);

	await page.goto('/plans');
	await ready(page);
	await page.getByLabel(planWords.PlansPage.openAPlanFile()).setInputFiles(path);
	await page.getByRole('button', { name: planWords.PlansPage.openAndSave() }).click();
	await expect(page.getByLabel(planWords.PlanHead.nameOfThePlan())).toHaveValue('There & back');
	await expect(tally(page, 'strandM')).toHaveText(`${figure}`);
});

test('units and stitch names change the words and nothing that was typed', async ({ page }) => {
	await page.goto('/plan');
	await ready(page);
	await openStep(page, 'Size');
	await page.getByLabel(planWords.WidthChart.width(), { exact: true }).fill('91.44 cm');
	const bags = await tally(page, 'toCollect').textContent();
	const strand = Number((await tally(page, 'strandM').textContent())?.replace(/\D/g, ''));

	await change(page, 'lengths');
	await openStep(page, 'Size');
	await expect(page.getByLabel(planWords.WidthChart.width(), { exact: true })).toHaveValue('36 in');
	await expect(page.getByLabel(planWords.SizeStep.length(), { exact: true })).toHaveValue(
		'72 13/16 in'
	);
	await expect(tally(page, 'toCollect')).toHaveText(`${bags}`);
	const yards = Number((await tally(page, 'strandM').textContent())?.replace(/\D/g, ''));
	expect(yards / strand).toBeCloseTo(1 / 0.9144, 2);

	await openStep(page, 'Technique');
	await expect(
		page.getByText(commonWords.stitchWords.singleCrochet(), { exact: true })
	).toBeVisible();
	await change(page, 'terms');
	await openStep(page, 'Technique');
	await expect(
		page.getByText(commonWords.stitchWords.singleCrochet(), { exact: true })
	).toHaveCount(0);
	await expect(
		page.getByText(commonWords.stitchWords.trebleCrochet(), { exact: true })
	).toBeVisible();

	await change(page, 'lengths');
	await change(page, 'terms');
	await openStep(page, 'Size');
	await expect(page.getByLabel(planWords.WidthChart.width(), { exact: true })).toHaveValue(
		'91.44 cm'
	);
	await expect(page.getByLabel(planWords.SizeStep.length(), { exact: true })).toHaveValue('185 cm');
});
