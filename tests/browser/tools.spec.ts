import * as routesWords from '../../src/lib/words/routes';
import * as commonWords from '../../src/lib/words/common';
import * as checkWords from '../../src/lib/words/check';
import * as planWords from '../../src/lib/words/plan';
import * as prepareWords from '../../src/lib/words/prepare';
import { expect, expectAccessible, openStep, ready, tally, test, goOffline } from './app';

test.describe.configure({ mode: 'serial' });
test.use({ world: 'tools', allowed: ['ERR_INTERNET_DISCONNECTED', 'Failed to fetch', '422'] });

test('a loom is measured, refused where it cannot be, drawn, and planned on as it stands', async ({
	page
}) => {
	await page.goto('/prepare/tools');
	await ready(page);
	await expect(page.getByRole('link', { name: routesWords.names.prepare() })).toHaveAttribute(
		'aria-current',
		'page'
	);
	await page.getByLabel(prepareWords.ToolForm.name(), { exact: true }).fill('Hall loom');
	await page.getByLabel(prepareWords.ToolForm.pegsAtEachEnd()).fill('28');
	await page.getByLabel(prepareWords.ToolForm.spacing()).fill('25.4 mm');
	await page.getByLabel(prepareWords.ToolForm.pegToPegAlong()).fill('182 m');
	await page.getByRole('button', { name: prepareWords.ToolForm.add(), exact: true }).click();
	await expect(page.locator('#tool-peg_to_peg-problem')).toContainText(
		commonWords.tool.tooShortForAMat()
	);
	await expect(page.getByLabel(prepareWords.ToolForm.pegToPegAlong())).toBeFocused();
	await page.getByLabel(prepareWords.ToolForm.pegToPegAlong()).fill('182.9 cm');
	await expect(page.getByText('28 pegs, 25.4 mm apart, 183 cm from peg to peg')).toBeVisible();
	await page.getByRole('button', { name: prepareWords.ToolForm.add(), exact: true }).click();
	await expect(page.getByText('Saved: Hall loom.')).toBeVisible();
	const loom = page.locator('[data-tool="Hall loom"]');
	await expect(loom.getByRole('img', { name: 'Hall loom, drawn to scale' })).toBeVisible();
	await expectAccessible(page);

	await loom.getByRole('link', { name: prepareWords.ToolList.planWithIt() }).click();
	await expect(page).toHaveURL(/step=technique&tool=/);
	await ready(page);
	await expect(page.locator('input[name=technique][value=peg-loom]')).toBeChecked();
	await expect(page.locator('[data-own="Hall loom"]')).toHaveAttribute('aria-pressed', 'true');
	await expect(page.locator('[data-of-tool]')).toContainText(
		/This tool makes a mat 6\d cm × 17\d cm/
	);
	await expect(page.locator('[data-drawing=technique] svg').first()).toHaveAccessibleName(
		/^The loom: 28 pegs at each end, 30 strands of warp/
	);
	// The wish for another size changes nothing that the loom decides.
	const before = await tally(page, 'toCollect').textContent();
	await openStep(page, 'Size');
	await page.getByLabel(checkWords.CheckForm.width(), { exact: true }).fill('95 cm');
	await expect(page.getByText(planWords.judgementsOfFabric.widthChanges()).first()).toBeVisible();
	await expect(tally(page, 'toCollect')).toHaveText(`${before}`);

	await page.locator('#name').fill('On the hall loom');
	await page.getByRole('button', { name: planWords.BenchActs.savePlan() }).click();
	await expect(page).toHaveURL(/\/plan\/[0-9a-f-]{36}/);
	const file = await page.request.get(`${new URL(page.url()).pathname}/file`);
	const { plan } = (await file.json()) as {
		plan: { technique: { pegs: number; peg_to_peg_mm: number } };
	};
	expect(plan.technique).toMatchObject({ pegs: 28, peg_to_peg_mm: 1829, pitch_mm: 25.4 });
});

test('hooks that are there are offered first, and the one advised is one of them', async ({
	page
}) => {
	await page.goto('/prepare/tools');
	await ready(page);
	for (const mm of ['6', '15']) {
		await page.getByLabel(prepareWords.ToolForm.kind(), { exact: true }).selectOption('hook');
		await page.getByLabel(prepareWords.ToolForm.name(), { exact: true }).fill(`${mm} mm hooks`);
		await page.getByLabel(prepareWords.ToolForm.thicknessMm()).fill(mm);
		await page.getByRole('button', { name: prepareWords.ToolForm.add(), exact: true }).click();
		await expect(page.getByText(`Saved: ${mm} mm hooks.`)).toBeVisible();
	}
	await page.goto('/plan');
	await ready(page);
	await openStep(page, 'Technique');
	await page.locator('[data-own="15 mm hooks"]').click();
	await expect(page.locator('#hook')).toHaveValue('15');
	const step = page.locator('[data-step=technique]');
	await expect(step).toContainText(planWords.judgementsOfFabric.hookLargeForTheStrand());
	await expect(step).toContainText('Try 6 mm');
});

test('a tool is added without a network, counts once, and is not there any more', async ({
	page,
	context
}) => {
	await page.goto('/prepare/tools');
	await ready(page);
	await goOffline(page);
	await page.getByLabel(prepareWords.ToolForm.kind(), { exact: true }).selectOption('crate');
	await page.getByLabel(prepareWords.ToolForm.name(), { exact: true }).fill('Blue crates');
	await page.getByLabel(prepareWords.ToolForm.howMany()).fill('8');
	await page.getByRole('button', { name: prepareWords.ToolForm.add(), exact: true }).dblclick();
	await expect(page.getByText('1 entry waits on this device')).toBeVisible();
	await context.setOffline(false);
	const crates = page.locator('[data-tool="Blue crates"]');
	await expect(crates).toHaveCount(1, { timeout: 15_000 });
	await expect(crates).toContainText('8 × box');
	await crates.getByRole('button', { name: prepareWords.ToolList.remove() }).click();
	await expect(crates).toHaveCount(0);
});

test('tools keep to a phone', async ({ page }) => {
	await page.setViewportSize({ width: 360, height: 740 });
	await page.goto('/prepare/tools');
	await ready(page);
	await expectAccessible(page);
});
