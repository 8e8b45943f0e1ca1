import * as commonWords from '../../src/lib/words/common';
import * as gatherWords from '../../src/lib/words/gather';
import * as planWords from '../../src/lib/words/plan';
import type { Page } from '@playwright/test';
import { choose, expect, expectAccessible, openStep, ready, tally, test } from './app';

test.use({ world: 'drawings' });

const hold = (page: Page, field: string) => page.locator(`[data-hold=${field}]`);
const drawing = (page: Page, step: string) => page.locator(`[data-drawing=${step}]`);

/** Drags a hold by so many pixels. */
async function drag(page: Page, field: string, dx: number, dy: number) {
	const box = await hold(page, field).boundingBox();
	if (!box) throw new Error('the hold is not there');
	const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
	await page.mouse.move(x, y);
	await page.mouse.down();
	await page.mouse.move(x + dx / 2, y + dy / 2, { steps: 4 });
	await page.mouse.move(x + dx, y + dy, { steps: 4 });
	await page.mouse.up();
}

test('the drawing of the open step is in view with it, on a desk and on a phone', async ({
	page
}) => {
	for (const [width, height] of [
		[1280, 800],
		[360, 740]
	] as const) {
		await page.setViewportSize({ width, height });
		await page.goto('/plan');
		await ready(page);
		for (const [step, said] of [
			['Size', /^The mat to scale, 85 cm wide/],
			['Bag', /^The bag lying flat: 30 cm wide, 38.5 cm from the seam/],
			['Cut', /cut straight across into 4 loops of 71 mm/],
			['Join', /^The yarn at true scale/],
			['Technique', /^How the rows begin.*chain 87.*211 rows in all/],
			['Finish', /^The mat folded and rolled/]
		] as const) {
			await openStep(page, step);
			// On a desk the mat stands beside its step already.
			const place =
				step === 'Size' && width > 1000 ? 'section' : `[data-step=${step.toLowerCase()}]`;
			const shown = page.locator(`${place} svg[role=img]`).first();
			await expect(shown).toHaveAccessibleName(said);
			await expect(shown).toBeInViewport();
			const head = page.locator(`[data-step=${step.toLowerCase()}] > summary`);
			await expect(head).toBeInViewport();
		}
		// While the fields pass, the drawing stays.
		await openStep(page, 'Cut');
		await page.getByLabel(planWords.CutStep.scissors()).scrollIntoViewIfNeeded();
		await expect(drawing(page, 'cut').locator('svg')).toBeInViewport();
	}
});

test('a strip is dragged on the bag, snaps to an even cut, and is undone in one', async ({
	page
}) => {
	await page.goto('/plan');
	await ready(page);
	await expect(hold(page, 'strip_width')).toHaveAttribute('aria-valuenow', '71');
	// Up the bag by a fifth of its height: near 95 mm, three rings with nothing left over.
	const box = await drawing(page, 'cut').locator('svg').boundingBox();
	const perMm = ((box?.height ?? 0) - 13 * 1.4) / 535;
	await drag(page, 'strip_width', 0, -Math.round(24 * perMm));
	await expect(drawing(page, 'cut').locator('svg')).toHaveAccessibleName(/3 loops of 95 mm/);
	await expect(page.locator('input[name=loops][value=equal]')).toBeChecked();
	await expect(tally(page, 'toCollect')).not.toHaveText('624');
	await page.getByRole('button', { name: gatherWords.SamePlaces.undo(), exact: true }).click();
	await expect(drawing(page, 'cut').locator('svg')).toHaveAccessibleName(/4 loops of 71 mm/);
	await expect(tally(page, 'toCollect')).toHaveText('624');
	// Between two even cuts it stays where it was let go.
	await drag(page, 'strip_width', 0, -Math.round(40 * perMm));
	await expect(page.locator('input[name=loops][value=measured]')).toBeChecked();
});

test('measures are set on the drawing by keys and typed where they lie; a slip is said at the field', async ({
	page
}) => {
	await page.goto('/plan');
	await ready(page);
	await openStep(page, 'Bag');
	await hold(page, 'bag_width').focus();
	await page.keyboard.press('ArrowRight');
	await expect(drawing(page, 'bag').locator('svg')).toHaveAccessibleName(/30.5 cm wide/);
	await page.keyboard.press('Enter');
	const typed = page.getByLabel('Flat width, typed on the drawing');
	await expect(typed).toBeFocused();
	await typed.fill('32 cm');
	await page.keyboard.press('Enter');
	await expect(hold(page, 'bag_width')).toBeFocused();
	await expect(drawing(page, 'bag').locator('svg')).toHaveAccessibleName(/32 cm wide/);
	await expect(page.locator('input[name=bag_preset][value=own]')).toBeChecked();
	await hold(page, 'bag_width').press('Enter');
	await typed.fill('wide');
	await expect(typed).toHaveAttribute('aria-invalid', 'true');
	await page.keyboard.press('Escape');
	await expect(page.locator('#bag_width-problem')).toContainText('“wide”');
	await openStep(page, 'Size');
	await drag(page, 'mat_length', 20, 0);
	await expect(page.locator('#mat_length')).not.toHaveValue('185 cm');
	await expectAccessible(page);
});

test('every technique has its drawing in the step, whole and with words of twelve pixels and more', async ({
	page
}) => {
	await page.setViewportSize({ width: 360, height: 740 });
	await page.goto('/plan');
	await ready(page);
	await openStep(page, 'Technique');
	for (const [technique, said] of [
		['peg-loom', /^The loom: 35 pegs at each end/],
		['twined', /^A frame of .* 61 nails at each end/],
		['finger-bands', /^15 bands, each/],
		['crochet', /^How the rows begin/]
	] as const) {
		// By key: on so small a screen the drawing and the tally leave little between them to tap.
		await page.locator(`input[name="technique"][value="${technique}"]`).focus();
		await page.keyboard.press('Space');
		const svg = drawing(page, 'technique').locator('svg').first();
		await expect(svg).toHaveAccessibleName(said);
		const small = await drawing(page, 'technique').evaluate((place) =>
			[...place.querySelectorAll('text')]
				.map((text) => ({
					words: text.textContent,
					px: parseFloat(getComputedStyle(text).fontSize) * (text.getScreenCTM()?.a ?? 0)
				}))
				.filter(({ px }) => px < 11.99)
		);
		expect(small).toEqual([]);
		const box = await svg.boundingBox();
		expect(box?.width).toBeLessThanOrEqual(360);
	}
});

test('a number that moved says why, beside the difference', async ({ page }) => {
	await page.goto('/plan');
	await ready(page);
	await page.getByRole('button', { name: planWords.BenchActs.compareWithThis() }).click();
	await expect(page.locator('[data-why]')).toHaveCount(0);
	await openStep(page, 'Technique');
	await page.locator('#hook').selectOption('10');
	await expect(page.locator('[data-why]')).toContainText('larger stitches');
	const fewer = await page.locator('[data-tally=toCollect] [data-difference]').textContent();
	const hours = await page.locator('[data-tally=hours] [data-difference]').textContent();
	await expect(page.locator('[data-why]')).toContainText(
		`larger stitches: fewer rows, ${fewer?.replace('−', '')} bags less, ${hours?.replace('−', '')} less`
	);
	await openStep(page, 'Cut');
	await choose(page, 'trim', planWords.CoverGauge.close());
	await expect(page.locator('[data-why]')).toContainText(
		/less trimmed off: fewer rows, \d+ bags less/
	);
});

test('keeping with a name or a field missing goes there and says so aloud', async ({ page }) => {
	await page.goto('/plan');
	await ready(page);
	await page.getByRole('button', { name: planWords.BenchActs.savePlan() }).click();
	await expect(page.locator('#name')).toBeFocused();
	await expect(page.locator('#name-problem')).toContainText(planWords.lacking.notKeptYetGiveThe());
	await page.locator('#name').fill('Mat for the long hall');
	await expect(page.locator('#name-problem')).toHaveCount(0);
	await openStep(page, 'Size');
	await page.locator('#mat_length').fill('long');
	await openStep(page, 'Finish');
	await page.getByRole('button', { name: planWords.BenchActs.savePlan() }).click();
	await expect(page.locator('#mat_length')).toBeFocused();
	await expect(page.getByRole('alert').filter({ hasText: 'Not saved yet. “long”' })).toHaveCount(1);
	await expect(page).toHaveURL(/\/plan$/);
	await page.locator('#mat_length').fill('190 cm');
	await page.getByRole('button', { name: planWords.BenchActs.savePlan() }).click();
	await expect(page).toHaveURL(/\/plan\/[0-9a-f-]{36}/);
});

test('of ten thousand ways a dozen are offered, drawn, in the order of what is short', async ({
	page
}) => {
	await page.goto('/plan');
	await ready(page);
	await page.getByRole('button', { name: planWords.views.compare(), exact: true }).click();
	const ways = page.locator('[data-way]');
	await expect(ways.first()).toBeVisible({ timeout: 15_000 });
	expect(await ways.count()).toBeLessThanOrEqual(12);
	expect(await ways.count()).toBeGreaterThanOrEqual(6);
	const figures = async (unit: 'bags' | 'h') =>
		(await ways.allTextContents()).map((text) =>
			Number(new RegExp(`([\\d,.]+) ${unit} ·`).exec(text)?.[1]?.replace(',', ''))
		);
	const isSorted = (values: number[]) =>
		values.every((value, at) => at === 0 || (values[at - 1] ?? 0) <= value);
	expect(isSorted(await figures('bags'))).toBe(true);
	await page.getByRole('button', { name: planWords.WaysView.hands(), exact: true }).click();
	expect(isSorted(await figures('h'))).toBe(true);
	for (const way of await ways.all())
		await expect(way.getByRole('img')).toHaveAccessibleName(/Mat of \d+ .*, strip \d+ mm, yarn/);
	const [bags] = await figures('bags');
	await ways.first().getByRole('button').click();
	await expect(tally(page, 'toCollect')).toHaveText(new RegExp(`^${bags}$`));
	await expect(ways.first().getByRole('button', { name: /Use / })).toBeDisabled();
	await page.getByText(planWords.MethodFieldView.allWays()).click();
	await page.getByRole('button', { name: planWords.MethodFieldView.best() }).click();
	await expect(page.getByText(commonWords.terms.noOtherWayNeedsAs())).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(page.getByText(commonWords.terms.noOtherWayNeedsAs())).toBeHidden();
	await expectAccessible(page);
});

test('two plans of one name are told apart in the list, and their menu closes with Escape', async ({
	page
}) => {
	for (const technique of ['crochet', 'twined']) {
		await page.goto('/plan');
		await ready(page);
		await openStep(page, 'Technique');
		if (technique !== 'crochet') await choose(page, 'technique', technique);
		await page.locator('#name').fill('Mat for the quay');
		await page.getByRole('button', { name: planWords.BenchActs.savePlan() }).click();
		await expect(page).toHaveURL(/\/plan\/[0-9a-f-]{36}/);
	}
	await page.goto('/plans');
	await ready(page);
	const made = page.locator('[data-plan="Mat for the quay"] [data-made]');
	await expect(made).toHaveCount(2);
	await expect(made.filter({ hasText: 'single crochet, 8 mm; 4 equal loops' })).toHaveCount(1);
	await expect(made.filter({ hasText: commonWords.techniqueWords.twinedFrame() })).toHaveCount(1);
	const change = page.getByRole('button', { name: 'Change Mat for the quay' }).first();
	await change.click();
	await expect(page.getByLabel(planWords.PlansPage.newName()).first()).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(page.getByLabel(planWords.PlansPage.newName()).first()).toBeHidden();
	await expect(change).toBeFocused();
});

test('schools are drawn beside each other at one scale', async ({ page }) => {
	await page.goto('/plan');
	await ready(page);
	await page.getByRole('button', { name: planWords.views.schools() }).click();
	const widths = page.getByRole('img', { name: /strip (12|75) mm,/ });
	await expect(widths.first()).toBeVisible();
	const [narrow, wide] = await Promise.all(
		[12, 75].map((mm) =>
			page
				.getByRole('img', { name: new RegExp(`strip ${mm} mm,`) })
				.first()
				.evaluate((svg) => svg.querySelectorAll('path')[4]?.getBoundingClientRect().height ?? 0)
		)
	);
	expect((wide ?? 0) / (narrow ?? 1)).toBeGreaterThan(5);
});

test('where the device paints all colours, what is chosen differs by more than a colour', async ({
	page
}) => {
	await page.emulateMedia({ forcedColors: 'active' });
	await page.goto('/plan');
	await ready(page);
	const looks = async (chosen: string, other: string) => {
		const look = (selector: string) =>
			page
				.locator(selector)
				.first()
				.evaluate((one) => {
					const { outlineStyle, outlineWidth, textDecorationLine } = getComputedStyle(one);
					return { outlineStyle, outlineWidth, textDecorationLine };
				});
		return [await look(chosen), await look(other)];
	};
	for (const [chosen, other] of [
		['label:has(> input[name=style]:checked)', 'label:has(> input[name=style]:not(:checked))'],
		['button[aria-pressed=true]', 'button[aria-pressed=false]']
	] as const) {
		const [on, off] = await looks(chosen, other);
		expect(on).toEqual({
			outlineStyle: 'solid',
			outlineWidth: '3px',
			textDecorationLine: 'underline'
		});
		expect(off?.textDecorationLine).toBe('none');
	}
});
