import * as gatherWords from '../../src/lib/words/gather';
import * as prepareWords from '../../src/lib/words/prepare';
import { expect, expectAccessible, ready, test, goOffline } from './app';

test.describe.configure({ mode: 'serial' });
test.use({ world: 'sorting', allowed: ['ERR_INTERNET_DISCONNECTED', 'Failed to fetch'] });

const brought = (place: string, bags: string) => ({
	key: crypto.randomUUID(),
	type: 'drop-off',
	typed: { place, came_on: '2026-11-19', method: 'hand', bags }
});

test('two hundred bags are sorted by taps and by keys, undone, over a reload and without a network', async ({
	page,
	request,
	context
}) => {
	const entries = [brought('Ferry kiosk', '240'), brought('Allotment shop', '150')];
	await request.post('/api/entries', { data: { entries } });
	await page.goto('/gather/sort');
	await ready(page);
	await page.locator('[data-lot="Ferry kiosk"]').click();
	await expect(page.locator('#sorting-place')).toHaveValue('Ferry kiosk');
	await page.locator('#sorting-kind').selectOption({ label: 'Thin carrier' });
	await page.locator('#sorting-colour').selectOption('blue');
	const pile = (name: string) => page.locator(`[data-tap="${name}"]`);
	const count = (name: string) => pile(name).locator('[data-count]');

	// By the finger: one, and a batch by resting on it.
	await pile('sound').click();
	await pile('sound').click({ delay: 700 });
	await expect(count('sound')).toHaveText('21');
	await pile('damp').click();
	await expect(page.locator('#sorting-drying')).toHaveValue('1');
	await page.getByRole('button', { name: gatherWords.PileTable.undo(), exact: true }).click();
	await expect(count('damp')).toHaveText('0');
	await expect(page.locator('#sorting-drying')).toHaveValue('');

	// By keys, while a pile has the focus; not while a number is typed.
	await pile('sound').focus();
	for (let batch = 0; batch < 7; batch++) await page.keyboard.press('Shift+Digit1');
	await page.keyboard.press('Digit2');
	await page.keyboard.press('Shift+Digit3');
	for (let one = 0; one < 4; one++) await page.keyboard.press('Digit5');
	await page.keyboard.press('Digit6');
	await expect(count('sound')).toHaveText('161');
	await expect(page.locator('#sorting-strand')).toHaveValue('162');
	await expect(page.locator('#sorting-stuffing')).toHaveValue('20');
	await expect(page.locator('#sorting-rejected')).toHaveValue('5');
	await page.locator('#sorting-by_name').fill('6');
	await expect(count('soiled')).toHaveText('1');
	await page.locator('#sorting-by_name').fill('');
	// The lot at the door goes down with every tap.
	await expect(page.locator('[data-lot="Ferry kiosk"] [data-left]')).toHaveText('53');
	await expect(page.locator('[data-lot="Allotment shop"] [data-left]')).toHaveText('150');
	await expectAccessible(page);

	// A reload loses none of it.
	await page.reload();
	await ready(page);
	await expect(count('sound')).toHaveText('161');
	await expect(page.locator('#sorting-place')).toHaveValue('Ferry kiosk');
	await expect(page.locator('#sorting-colour')).toHaveValue('blue');

	await goOffline(page);
	await pile('damp').focus();
	for (let one = 0; one < 13; one++) await page.keyboard.press('Digit4');
	await page.getByRole('button', { name: gatherWords.SortingForm.intoTheStore() }).click();
	await expect(
		page.getByRole('status').filter({ hasText: prepareWords.trestle.waitingOnThisDevice() })
	).toBeVisible();
	await expect(count('sound')).toHaveText('0');
	await context.setOffline(false);
	// 240 came, 200 were sorted or hang: 162 + 20 + 5 + 13.
	await expect(page.locator('[data-lot="Ferry kiosk"] [data-left]')).toHaveText('40', {
		timeout: 15_000
	});
	await page.goto('/gather/store?table=yes');
	await expect(page.locator('[data-line="Thin carrier blue bag"] [data-amount]')).toHaveText(
		'162',
		{
			timeout: 15_000
		}
	);
	await page.goto('/gather/sort');
	await page.locator('[data-lot="Ferry kiosk"]').click();
	await expect(page.locator('[data-rate]')).toContainText('13 of 100 bags from Ferry kiosk');
});

test('the store stands on shelves: a stack as high as its count, tapped for its history and to take from it', async ({
	page
}) => {
	await page.goto('/gather/store?table=yes');
	await ready(page);
	const stack = page.locator('[data-stack="Thin carrier blue bag"]');
	await expect(stack).toHaveAttribute('data-height', '120');
	await expect(page.locator('[data-stack="Thin carrier blue stuffing"]')).toHaveAttribute(
		'data-height',
		String(Math.round((1200 * 20) / 162) / 10)
	);
	await stack.click();
	await expect(
		page.getByRole('heading', { name: 'Every movement of Thin carrier, blue, bags' })
	).toBeVisible();
	await expect(page.locator('#movement-colour')).toHaveValue('blue');
	await page.locator('#movement-amount').fill('62');
	await page.getByRole('button', { name: gatherWords.MovementForm.saveMovement() }).click();
	await expect(stack).toContainText('100');
	await expectAccessible(page);
});
