import * as commonWords from '../../src/lib/words/common';
import * as gatherWords from '../../src/lib/words/gather';
import * as houseWords from '../../src/lib/words/house';
import * as measuresWords from '../../src/lib/words/measures';
import * as planWords from '../../src/lib/words/plan';
import { expect, expectAccessible, ready, test } from './app';

test.describe.configure({ mode: 'serial' });
test.use({ world: 'mending', allowed: ['422'] });

test('the table is asked once what it is called, and is called so from then on', async ({
	page
}) => {
	await page.goto('/');
	await ready(page);
	const asked = page.getByRole('form', { name: commonWords.NameAsked.nameOfYourGroup() });
	await asked.getByRole('button', { name: commonWords.NameAsked.saveName() }).click();
	await expect(asked.getByRole('alert')).toHaveText(houseWords.GroupsActs.typeANameForThe());
	await asked.getByLabel(commonWords.NameAsked.whatIsYourTableCalled()).fill('  Quay   mat table ');
	await asked.getByRole('button', { name: commonWords.NameAsked.saveName() }).click();
	await expect(asked).toHaveCount(0);
	await expect(page).toHaveURL(/\/$/);
	await page.goto('/settings');
	await ready(page);
	const name = page.getByLabel(houseWords.SettingsPage.nameOfTheGroup());
	await expect(name).toHaveValue('Quay mat table');
	await name.fill('');
	await page.getByRole('button', { name: houseWords.SettingsPage.saveForAll() }).click();
	await expect(page.locator('#name-problem')).toHaveText(houseWords.GroupsActs.typeANameForThe());
	await name.fill('Long hall table');
	await page.getByRole('button', { name: houseWords.SettingsPage.saveForAll() }).click();
	await page.goto('/plans');
	await expect(page.getByText('Long hall table. Figures of today')).toBeVisible();
});

test('what is taken back stands in its form again, with the focus there; cancel leaves all as it was', async ({
	page
}) => {
	await page.goto('/gather');
	await ready(page);
	await page.getByLabel(gatherWords.DropOffForm.from(), { exact: true }).fill('Ferry kiosk');
	await page.getByLabel(gatherWords.DropOffForm.broughtByOptional()).fill('Wren');
	await page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true }).fill('810');
	await page.getByLabel(gatherWords.DropOffForm.note(), { exact: true }).fill('two sacks');
	await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
	await expect(page.getByText('Saved: bags from Ferry kiosk.')).toBeVisible();
	// What was said of the last ends when the next is begun.
	await page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true }).fill('1');
	await expect(page.getByText('Saved: bags from Ferry kiosk.')).toHaveCount(0);

	await page.locator('summary').filter({ hasText: gatherWords.GatherPage.allAsATable() }).click();
	const back = page.getByRole('link', { name: /Undo ?: 810 bags from Ferry kiosk/ });
	await back.click();
	await expect(page.getByLabel(commonWords.EntryForm.whyOptional())).toBeFocused();
	await page.getByRole('link', { name: commonWords.EntryForm.cancel() }).click();
	await expect(page.getByLabel(commonWords.EntryForm.whyOptional())).toHaveCount(0);
	await expect(back).toBeFocused();

	await back.click();
	await page.getByLabel(commonWords.EntryForm.whyOptional()).fill('81, not 810');
	await page.getByRole('button', { name: commonWords.TakeBack.undo(), exact: true }).click();
	await expect(page.getByText(commonWords.TakeBack.undoneItIsInThe())).toBeVisible();
	await expect(page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true })).toBeFocused();
	await expect(page.getByLabel(gatherWords.DropOffForm.from(), { exact: true })).toHaveValue(
		'Ferry kiosk'
	);
	await expect(page.getByLabel(gatherWords.DropOffForm.broughtByOptional())).toHaveValue('Wren');
	await expect(page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true })).toHaveValue('810');
	await expect(page.getByLabel(gatherWords.DropOffForm.note(), { exact: true })).toHaveValue(
		'two sacks'
	);
	await page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true }).fill('81');
	await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
	await expect(
		page.locator('[data-lately]').filter({ hasText: 'Ferry kiosk' }).first()
	).toContainText('81');
	await expectAccessible(page);
});

test('a movement that a sorting made goes back to the sorting table', async ({ page, request }) => {
	const kinds = await page
		.goto('/gather/sort')
		.then(() => page.locator('#sorting-kind option').first().getAttribute('value'));
	const typed = { place: 'Ferry kiosk', kind: `${kinds}`, colour: 'blue', strand: '40' };
	await request.post('/api/entries', {
		data: { entries: [{ key: crypto.randomUUID(), type: 'sorting', typed }] }
	});
	await page.goto('/gather/store');
	await ready(page);
	await page.locator('[data-stack$="blue bag"]').click();
	await page.getByRole('link', { name: gatherWords.LineHistory.undo(), exact: true }).click();
	await page.getByLabel(commonWords.EntryForm.whyOptional()).fill('they were grey');
	await page.getByRole('button', { name: commonWords.TakeBack.undo(), exact: true }).click();
	await expect(page).toHaveURL(/\/gather\/sort$/);
	await expect(page.locator('#sorting-strand')).toHaveValue('40');
	await expect(page.locator('#sorting-colour')).toHaveValue('blue');
	await expect(page.getByText(commonWords.TakeBack.undoneItIsInThe())).toBeVisible();
});

test('bags that come in damp hang from the start', async ({ page }) => {
	await page.goto('/gather');
	await ready(page);
	await page.getByLabel(gatherWords.DropOffForm.from(), { exact: true }).fill('Bus depot canteen');
	await page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true }).fill('60');
	await page.locator('label:has([name=damp])').click();
	await page.locator('#drop-off-look_again').fill('3');
	await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
	await expect(page.getByText('Saved: bags from Bus depot canteen, hung to dry.')).toBeVisible();
	await expect(page.locator('[data-lately]').first()).toContainText(gatherWords.CameLately.damp());
	await expect(page.locator('[data-damp]')).toHaveText(gatherWords.GatherPage.cameDampHungToDry());
	await page.goto('/gather/sort');
	await expect(page.locator('[data-lot="Bus depot canteen"] [data-left]')).toHaveText('0');
	await expect(
		page.getByText(/60 .*Bus depot canteen|Bus depot canteen.*60/).first()
	).toBeVisible();
});

test('a scale is to be connected, or its numbers typed; the stand-in is there where asked for, and speaks when settled', async ({
	page
}) => {
	await page.addInitScript(() => {
		const lines = ['ST,GS,+ 412.0 g\r\n'];
		Object.defineProperty(navigator, 'serial', {
			value: {
				requestPort: async () => ({
					open: async () => {},
					close: async () => {},
					readable: new ReadableStream({
						start: (controller) => {
							for (const line of lines) controller.enqueue(new TextEncoder().encode(line));
						}
					})
				})
			}
		});
	});
	await page.goto('/gather');
	await ready(page);
	await page.locator('label:has([name=method][value=weight])').click();
	await expect(page.getByText('Weigh on any scale and type the numbers below')).toBeVisible();
	await expect(page.locator('[data-scale]')).toHaveCount(0);
	await page.getByRole('button', { name: gatherWords.ScalePanel.connectAScale() }).click();
	await expect(page.locator('[data-scale]')).toHaveText('412.0 g');
	await page.getByRole('button', { name: gatherWords.ScalePanel.fullBox() }).click();
	await expect(page.getByLabel(gatherWords.DropOffForm.fullBoxWeighs())).toHaveValue('412 g');
	await page.getByRole('button', { name: gatherWords.ScalePanel.disconnectTheScale() }).click();

	await page.getByRole('button', { name: gatherWords.ScalePanel.tryAPracticeScale() }).click();
	await page.getByLabel('On the scale, g').fill('52.4');
	// What is said aloud is counted while the digits flicker: once for what settles.
	await page.evaluate(() => {
		const said: string[] = [];
		Object.assign(window, { said });
		const place = document.querySelector('[data-scale-said]');
		if (place)
			new MutationObserver(() => said.push(place.textContent ?? '')).observe(place, {
				childList: true,
				characterData: true,
				subtree: true
			});
	});
	await page.getByRole('button', { name: gatherWords.StandInScale.putItOn() }).click();
	await expect(page.locator('[data-scale-said]')).toHaveText('52 g');
	await page.evaluate(() => new Promise((done) => setTimeout(done, 3000)));
	const said = await page.evaluate(() => (window as unknown as { said: string[] }).said);
	expect(said.filter(Boolean).length).toBeLessThanOrEqual(2);
	await expect(page.locator('[data-scale]')).toHaveAttribute('aria-live', 'off');
});

test('handfuls of one kind count once for its mass, and that is said', async ({ page }) => {
	await page.goto('/gather');
	await ready(page);
	await page.getByLabel(gatherWords.DropOffForm.from(), { exact: true }).fill('Allotment shop');
	await page.locator('label:has([name=method][value=weight])').click();
	await page.getByLabel(gatherWords.DropOffForm.fullBoxWeighs()).fill('2.9 kg');
	await page.getByLabel(gatherWords.DropOffForm.emptyBoxWeighs()).fill('300 g');
	await page.getByLabel('Handfuls weighed, g').fill('56 57 55 56');
	await page
		.getByLabel(gatherWords.DropOffForm.theHandfulsAreAllOf())
		.selectOption({ label: 'Thin carrier' });
	await expect(page.getByText(gatherWords.DropOffForm.theyThenCountOnceFor())).toBeVisible();
	await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
	await expect(
		page.getByText(
			`Saved: bags from Allotment shop, ${commonWords.dropOff.theirHandfulsCountedOnceFor()}`
		)
	).toBeVisible();
	await page.goto('/measures');
	await expect(
		page.getByText(measuresWords.measureWords.handful(), { exact: true }).locator('visible=true')
	).toHaveCount(1);
});

test('what is lacking is drawn as film still missing, and the ask sheet is filled in', async ({
	page
}) => {
	await page.goto('/plan');
	await ready(page);
	await page.locator('#name').fill('Mat for the winter rooms');
	await page.getByRole('button', { name: planWords.BenchActs.savePlan() }).click();
	await expect(page).toHaveURL(/\/plan\/[0-9a-f-]{36}/);
	await page.goto('/gather/asks');
	await ready(page);
	await page.getByLabel('Mats wanted of Mat for the winter rooms').fill('2');
	await page.getByRole('button', { name: gatherWords.GatherAsksPage.set() }).click();
	const missing = page.locator('[data-missing]');
	await expect(missing).toHaveCount(1);
	const asked = await page.locator('[data-ask] td').last().textContent();
	await expect(missing).toContainText(`${asked}`.trim());
	await page.getByLabel(gatherWords.GatherAsksPage.bringThemTo()).fill('Old Ropery Hall');
	await page.getByLabel(gatherWords.GatherAsksPage.until()).fill('2026-12-05');
	const sheet = page.getByRole('link', { name: /^Ask sheet/ });
	await expect(sheet).toHaveAttribute('href', /Old\+Ropery\+Hall.*2026-12-05/);
	const href = await sheet.getAttribute('href');
	const { wordsOf } = await import('./pdf');
	const words = await wordsOf(await (await page.request.get(`${href}`)).body());
	expect(words).toContain('Long hall table');
	expect(words).toContain('Old Ropery Hall');
	expect(words).toContain('5 Dec 2026');
});

test('a field that is wrong has the focus, and its sentence is its description', async ({
	page
}) => {
	await page.goto('/gather');
	await ready(page);
	await page.getByLabel(gatherWords.DropOffForm.from(), { exact: true }).fill('Ferry kiosk');
	await page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true }).fill('many');
	await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
	await expect(page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true })).toBeFocused();
	await expect(
		page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true })
	).toHaveAccessibleDescription(/“many” is not a whole number/);
});
