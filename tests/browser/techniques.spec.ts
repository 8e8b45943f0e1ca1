import * as planWords from '../../src/lib/words/plan';
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { choose, expect, openStep, ready, tally, test } from './app';
import { linesOfPdf } from './pdf';

/** Opens a new bench with a technique chosen. */
async function benchWith(page: Page, technique: string) {
	await page.goto('/plan');
	await ready(page);
	await openStep(page, 'Technique');
	if (technique !== 'crochet') await choose(page, 'technique', technique);
}

/** The bytes of a sheet, as a person downloads it. */
async function sheetOf(page: Page, sheet: string): Promise<Buffer> {
	await page.getByRole('button', { name: planWords.PaperView.print(), exact: true }).click();
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.locator(`[data-sheet=${sheet}]`).click()
	]);
	return readFileSync(await download.path());
}

const techniques: [technique: string, drawing: RegExp, step: RegExp, sheet: string][] = [
	['crochet', /211 rows, 86 stitches/, /single crochet, 8 mm hook/, 'crochet'],
	['peg-loom', /strands of warp/, /peg loom, 35 pegs/, 'loom'],
	['twined', /warp ends/, /twined frame, 61 nails/, 'frame'],
	['finger-bands', /15 bands/, /15 finger-woven bands/, 'bands']
];

for (const [technique, drawing, line, sheet] of techniques) {
	test(`${technique}: from the choice to the drawing, the tally and the printed sheets`, async ({
		page
	}) => {
		await benchWith(page, technique);
		await expect(page.getByRole('img', { name: drawing }).first()).toBeVisible();
		await openStep(page, 'Size');
		await expect(page.locator('[data-step=technique] summary')).toContainText(line);

		const before = await tally(page, 'toCollect').textContent();
		await page.getByLabel(planWords.WidthChart.width(), { exact: true }).fill('95 cm');
		await expect(tally(page, 'toCollect')).not.toHaveText(`${before}`);

		await page.locator('[data-tally=hours] button').click();
		await expect(page.getByRole('heading', { name: /^How “.*” is worked out$/ })).toBeFocused();
		await expect(page.getByRole('row', { name: /hours in all/ })).toContainText('h');

		const made = await linesOfPdf(await sheetOf(page, sheet));
		expect(made.pages).toBeGreaterThanOrEqual(1);
		const plan = await linesOfPdf(await sheetOf(page, 'plan'));
		expect(plan.pages).toBe(2);
	});
}

test('a changed choice shows what else it changed, and undo takes all of it back', async ({
	page
}) => {
	await page.goto('/plan');
	await ready(page);
	await choose(page, 'style', 'spiral');
	const cut = page.locator('[data-step=cut]');
	await expect(cut).toContainText(
		/technique changed with it.*8 mm hook → single crochet, 4 mm hook/i
	);
	await expect(cut).toContainText(/join changed with it/i);
	await expect(cut).toContainText(planWords.judgementsOfBags.weakYarn());
	await page.getByRole('button', { name: planWords.BenchActs.undo(), exact: true }).click();
	await expect(page.locator('input[name=style][value=loops]')).toBeChecked();
	await expect(tally(page, 'toCollect')).toHaveText('624');
	await page.getByRole('button', { name: planWords.BenchActs.redo() }).click();
	await expect(page.locator('input[name=style][value=spiral]')).toBeChecked();
});

test('a call that one choice would cure is cured by its button', async ({ page }) => {
	await benchWith(page, 'peg-loom');
	await choose(page, 'ends', 'both');
	await openStep(page, 'Size');
	// At some length the two ends meet alike; the loom's own count of rows decides.
	const loom = page.locator('[data-step=technique]');
	const alike = page.getByRole('button', { name: /Rows are alike where they meet/ });
	for (const length of ['180', '181', '182', '183', '184']) {
		await page.getByLabel(planWords.SizeStep.length(), { exact: true }).fill(`${length} cm`);
		// What is judged is painted after the figures.
		const isAlike = await alike.waitFor({ timeout: 1500 }).then(
			() => true,
			() => false
		);
		if (isAlike) break;
	}
	await alike.click();
	await loom
		.getByRole('button', { name: planWords.judgementsOfLooms.beginTheFarEndWith2() })
		.click();
	await expect(loom).not.toContainText(planWords.judgementsOfLooms.rowsMeetAlikeInThe());
	await page.getByRole('button', { name: planWords.DetailSheet.aCloserLook() }).click();
	await expect(page.getByText(planWords.OverUnderChart.oppositesGood())).toBeVisible();
});

test('the braid turns step by step', async ({ page }) => {
	await benchWith(page, 'finger-bands');
	await expect(page.getByText(/from left to right now: c, b, a/)).toBeVisible();
	const crossing = page.getByRole('slider', { name: /braided: crossing/ });
	await crossing.focus();
	for (let step = 0; step < 3; step++) await page.keyboard.press('ArrowRight');
	await expect(page.getByText(/from left to right now: a, b, c/)).toBeVisible();
});

for (const paper of ['a4', 'letter'] as const) {
	test(`the printed guide is true on ${paper}: 100 mm is 100 mm, and each cut lies where it should`, async ({
		page
	}) => {
		await page.goto('/plan');
		await ready(page);
		await page.getByRole('button', { name: planWords.PaperView.print(), exact: true }).click();
		await page.getByLabel(planWords.PaperView.paper()).selectOption(paper);
		const { pages, lines } = await linesOfPdf(await sheetOf(page, 'cutting'));
		expect(pages).toBe(3);
		const check = lines.filter(
			({ x1, x2, y1, y2 }) => Math.abs(y1 - y2) < 0.01 && Math.abs(Math.abs(x2 - x1) - 100) < 0.2
		);
		expect(check).toHaveLength(1);
		// The cuts of four loops of 71.25 mm, from 50 mm above the seam; both tiles together.
		const marks = lines.filter(({ x1, x2 }) => Math.abs(x2 - x1 - 70) < 0.01);
		const seams = lines.filter(({ x1, x2 }) => Math.abs(x2 - x1 - 30) < 0.01);
		expect(marks).toHaveLength(6);
		const seam = seams.find(({ page: at }) => at === 1);
		const onFirst = marks
			.filter(({ page: at }) => at === 1)
			.map(({ y1 }) => y1 - (seam?.y1 ?? NaN));
		onFirst.sort((a, b) => a - b);
		[50, 121.25, 192.5]
			.slice(0, onFirst.length)
			.forEach((wanted, at) => expect(Math.abs((onFirst[at] ?? NaN) - wanted)).toBeLessThan(0.2));
		expect(onFirst.length).toBeGreaterThanOrEqual(2);
	});
}

test('the guide as SVG is as true', async ({ page }) => {
	await page.goto('/plan');
	await ready(page);
	await page.getByRole('button', { name: planWords.PaperView.print(), exact: true }).click();
	const href = await page
		.getByRole('link', { name: planWords.PaperView.guideAsSvg() })
		.getAttribute('href');
	const svg = await (await page.request.get(`${href}`)).text();
	await page.setContent(svg);
	const height = await page.evaluate(
		() => document.querySelector('#check-100-mm')?.getBoundingClientRect().height
	);
	// A CSS millimetre is 96 / 25.4 pixels.
	expect(((height ?? 0) * 25.4) / 96).toBeCloseTo(100, 1);
});

test('a sheet for a plan that is none, or of another technique, is refused with a sentence', async ({
	request
}) => {
	for (const [path, status] of [
		['/sheets/plan.pdf', 400],
		['/sheets/plan.pdf?p=AAAA', 400],
		['/sheets/plan.pdf?p=e30', 422],
		['/sheets/nothing.pdf', 400]
	] as const) {
		const answer = await request.get(path);
		expect(answer.status(), path).toBe(status);
	}
});
