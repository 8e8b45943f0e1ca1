import * as planWords from '../../src/lib/words/plan';
import { choose, expect, openStep, ready, tally, test } from './app';

test.describe('work that is not kept yet', () => {
	test('survives a reload, and can be started over', async ({ page }) => {
		await page.goto('/plan');
		await ready(page);
		await choose(page, 'loops', 'measured');
		await page.getByLabel(planWords.handles.stripWidth(), { exact: true }).fill('52 mm');
		await page.getByLabel(planWords.PlanHead.nameOfThePlan()).fill('Half done');
		await page.waitForTimeout(400);
		await page.reload();
		await ready(page);
		await expect(page.getByLabel(planWords.handles.stripWidth(), { exact: true })).toHaveValue(
			'52 mm'
		);
		await expect(page.getByLabel(planWords.PlanHead.nameOfThePlan())).toHaveValue('Half done');
		await page.getByRole('button', { name: planWords.PlanHead.startOver() }).click();
		await expect(tally(page, 'toCollect')).toHaveText('624');
		await page.waitForTimeout(400);
		await page.reload();
		await ready(page);
		await expect(page.getByLabel(planWords.PlanHead.nameOfThePlan())).toHaveValue('');
	});
});

test('what is done in a step before its code is here is done again once it is, and loses nothing', async ({
	page
}) => {
	await page.goto('/plan');
	await ready(page);
	let release = (): void => undefined;
	const held = new Promise<void>((resolve) => (release = resolve));
	await page.route('**/_app/immutable/**', async (route) => {
		await held;
		await route.continue();
	});
	const before = await tally(page, 'toCollect').textContent();
	await openStep(page, 'Size');
	await page.locator('#mat_width').fill('60 cm');
	await openStep(page, 'Finish');
	await choose(page, 'ties', 'braid');
	// The server wrote the fields: they take what is typed, and nothing answers yet.
	await expect(tally(page, 'toCollect')).toHaveText(String(before));
	release();
	await expect(tally(page, 'toCollect')).not.toHaveText(String(before));
	await openStep(page, 'Size');
	await expect(page.locator('#mat_width')).toHaveValue('60 cm');
	await openStep(page, 'Finish');
	await expect(page.locator('input[name=ties][value=braid]')).toBeChecked();
});

test('a link opens the plan in the state shown', async ({ page, context }) => {
	await context.grantPermissions(['clipboard-read', 'clipboard-write']);
	await page.goto('/plan');
	await ready(page);
	await openStep(page, 'Technique');
	await choose(page, 'technique', 'twined');
	await page.getByLabel(planWords.PlanHead.nameOfThePlan()).fill('Shown');
	const figure = await tally(page, 'toCollect').textContent();
	await page.getByRole('button', { name: planWords.PlanHead.copyLink() }).click();
	await expect(page.getByText(planWords.PlanHead.linkCopied())).toBeVisible();
	const link = await page.evaluate(() => navigator.clipboard.readText());
	const other = await context.browser()?.newPage();
	if (!other) throw new Error('a second window is wanted');
	await other.goto(link);
	await ready(other);
	await expect(tally(other, 'toCollect')).toHaveText(`${figure}`);
	await expect(other.locator('[data-step=technique]')).toHaveAttribute('open', '');
	await expect(other.getByLabel(planWords.PlanHead.nameOfThePlan())).toHaveValue('Shown');
	await other.close();
});

test('a link cut short says so and opens a new plan', async ({ page }) => {
	await page.goto('/plan?p=eyJiYWciOnsi');
	await ready(page);
	await expect(page.getByText(planWords.PlanActs.thisLinkDoesNotHold())).toBeVisible();
	await expect(tally(page, 'toCollect')).toHaveText('624');
});

test('pinned plans stand side by side, and the tally shows the difference', async ({ page }) => {
	await page.goto('/plan');
	await ready(page);
	await page.getByRole('button', { name: planWords.BenchActs.compareWithThis() }).click();
	await expect(page.locator('[data-tally=toCollect] [data-difference]')).toHaveText(
		planWords.PinnedTable.theSame()
	);
	await openStep(page, 'Size');
	await page.getByLabel(planWords.WidthChart.width(), { exact: true }).fill('95 cm');
	await expect(page.locator('[data-tally=toCollect] [data-difference]')).toContainText('+');
	await page.getByRole('button', { name: planWords.views.compare(), exact: true }).click();
	await expect(page.getByRole('row', { name: /^size/i })).toContainText('85 cm × 185 cm');
	await page.reload();
	await ready(page);
	await expect(page.locator('[data-tally=toCollect] [data-difference]')).toContainText('+');
	await page.getByRole('button', { name: planWords.views.compare(), exact: true }).click();
	await page
		.getByRole('button', { name: planWords.MakeView.useThis(), exact: true })
		.first()
		.click();
	await expect(tally(page, 'toCollect')).toHaveText('624');
});

test('the field of all methods is worked out beside the page and a method is taken up', async ({
	page
}) => {
	await page.goto('/plan');
	await ready(page);
	await page.getByRole('button', { name: planWords.views.compare(), exact: true }).click();
	const field = page.getByRole('region', {
		name: planWords.MethodFieldView.waysWorthConsidering()
	});
	await field.getByText(planWords.MethodFieldView.allWays()).click();
	await expect(field.getByText(/are marked as/)).toBeVisible();
	const first = field.getByRole('row').nth(1);
	const bags = await first.getByRole('cell').nth(2).textContent();
	await first.getByRole('button', { name: planWords.MakeView.useThis(), exact: true }).click();
	await expect(tally(page, 'toCollect')).toHaveText(`${bags}`);
});

test('what there is becomes the best mix of mats', async ({ page }) => {
	await page.goto('/plan');
	await ready(page);
	await page.getByRole('button', { name: planWords.MakeView.whatCanIMake() }).click();
	await page.getByLabel('Bags: Thin carrier').fill('some');
	await page.getByRole('button', { name: planWords.MakeView.findTheBestMix() }).click();
	await expect(page.getByText('“some” is not a count')).toBeVisible();
	await page.getByLabel('Bags: Thin carrier').fill('2000');
	await page.getByLabel('Bags: Heavier shop bag').fill('900');
	await page.getByLabel(planWords.MakeView.workingHoursEmptyNoLimit()).fill('300');
	await page.getByRole('checkbox', { name: planWords.MethodChart.pegLoom() }).check();
	await page.getByRole('button', { name: planWords.MakeView.findTheBestMix() }).click();
	await expect(page.getByText('m²')).toBeVisible();
	// Two thousand carriers crochet into three mats; the shop bags make at least one more.
	const mats = Number((await page.locator('[data-mix]').textContent())?.split(' ')[0]);
	expect(mats).toBeGreaterThan(3);
	await page
		.getByRole('button', { name: planWords.MakeView.useThis(), exact: true })
		.first()
		.click();
	await expect(
		page.getByRole('button', { name: planWords.BenchActs.undo(), exact: true })
	).toBeEnabled();
});

test('where practised hands differ, each way shows its figures and can be taken up', async ({
	page
}) => {
	await page.goto('/plan');
	await ready(page);
	await page.getByRole('button', { name: planWords.views.schools() }).click();
	await expect(page.getByRole('heading', { level: 3 })).toHaveCount(11);
	await page.getByRole('button', { name: 'Use this: How much to trim, none' }).click();
	await expect(page.getByRole('button', { name: 'In use: How much to trim, none' })).toBeVisible();
	await openStep(page, 'Cut');
	await expect(page.getByLabel('Off the bottom', { exact: true })).toHaveValue('0 mm');
});

test('balls in order colour the mat, and can be moved and mirrored without a mouse', async ({
	page
}) => {
	await page.goto('/plan');
	await ready(page);
	const add = page.getByRole('button', { name: planWords.BallRow.addABall() });
	for (let ball = 0; ball < 3; ball++) await add.press('Enter');
	await expect(page.getByRole('img', { name: /Stripes of blue, white/ })).toBeVisible();
	await page.getByLabel('Colour of ball 3').selectOption('green');
	await page.getByRole('button', { name: planWords.BallRow.moveItLeft() }).press('Enter');
	await expect(page.locator('input[name=colours]')).toHaveValue('blue green white');
	await add.press('Enter');
	await page.getByRole('button', { name: planWords.BallRow.mirror() }).press('Enter');
	await expect(page.getByText(/cannot be mirrored/)).toBeVisible();
});

test('single keys work the bench, rest in a field, and can be turned off', async ({ page }) => {
	await page.goto('/plan');
	await ready(page);
	await page.keyboard.press('?');
	await expect(page.getByRole('heading', { name: planWords.PlanHead.keys() })).toBeFocused();
	await page.keyboard.press('5');
	await expect(page.locator('[data-step=technique]')).toHaveAttribute('open', '');
	await page.getByLabel(planWords.PlanHead.nameOfThePlan()).fill('1');
	await expect(page.locator('[data-step=technique]')).toHaveAttribute('open', '');
	await page.getByLabel(planWords.Shortcuts.singleKeysWork()).uncheck();
	await page.getByRole('heading', { name: planWords.PlanHead.keys() }).focus();
	await page.keyboard.press('2');
	await expect(page.locator('[data-step=bag]')).not.toHaveAttribute('open');
});

test('text twice as large stays on the page', async ({ page }) => {
	await page.setViewportSize({ width: 1280, height: 800 });
	await page.goto('/plan');
	await ready(page);
	await page.evaluate(() => (document.documentElement.style.fontSize = '200%'));
	const overflow = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
	expect(overflow).toBeLessThanOrEqual(0);
});
