import { expect, expectAccessible, keep, ready, test } from './app';
import { rows, sent } from './table-world';

test.describe.configure({ mode: 'serial' });
test.use({ world: 'season', allowed: ['404', '422'] });

test('a first visit begins at the bench; once anything is kept the front door is today', async ({
	page
}) => {
	await page.goto('/');
	await expect(page).toHaveURL(/\/plan$/);
	await page.goto('/season');
	await expect(page.locator('[data-nothing]')).toContainText('No place asks for mats');
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Mat for the Tide House');
	await page.goto('/');
	await expect(page.getByRole('heading', { name: 'Nothing is to be done just now' })).toBeVisible();
	await expectAccessible(page);
});

test('what presses stands there with its reason, leads to its place, and vanishes when done', async ({
	page,
	app
}) => {
	const [plan] = await rows<{ id: string }>(app, 'select id from plan limit 1');
	await sent(page, 'begin', { plan: plan?.id ?? '', person: '' });
	const [mat] = await rows<{ code: string }>(app, `select code from thing where sort = 'mat'`);
	const code = mat?.code ?? '';
	await sent(page, 'finish', { mat: code });
	await page.goto('/');
	const act = page.locator('[data-act=check]');
	await expect(act).toContainText('One mat to check');
	await expect(page.locator('[data-part="to check"]')).toContainText('1 mat');
	await act.getByRole('link').focus();
	await page.keyboard.press('Enter');
	await expect(page).toHaveURL(/\/check$/);
	await sent(page, 'check', { mat: code, length: '185 cm', width: '86 cm' });
	await page.goto('/');
	await expect(page.locator('[data-act=check]')).toHaveCount(0);
	await page.locator('[data-part=ready]').click();
	await expect(page).toHaveURL(/\/hand-over$/);
});

test('asks become a goal: its chance, its band, what helps and the smallest change', async ({
	page
}) => {
	await page.goto('/people');
	await page.request.post('/people?/receiving', {
		form: { name: 'Tide House' },
		headers: { origin: new URL(page.url()).origin }
	});
	await page.goto('/hand-over/asks');
	await ready(page);
	const by = new Date(Date.now() + 100 * 86_400_000).toISOString().slice(0, 10);
	await page.getByLabel('How many mats').fill('2');
	await page.getByLabel('By which day').fill(by);
	await page.getByRole('button', { name: 'Keep it', exact: true }).click();
	await expect(page.locator('[data-ask]')).toHaveCount(1);
	await page.goto('/season');
	await ready(page);
	await expect(page.getByRole('heading', { name: /^Two by / })).toBeVisible();
	const chance = page.locator('[data-chance]');
	const before = Number(await chance.getAttribute('data-chance'));
	expect(before).toBeLessThan(0.5);
	await expect(page.locator('[data-held]')).toContainText('of the seasons that fall short');
	await expect(page.locator('[data-expected]')).toContainText('1 lie ready');
	await page.locator('[data-rests=days] summary').click();
	await expect(page.locator('[data-rests=days]')).toContainText('None is known yet');
	await expectAccessible(page);
	// A lever is taken, and the whole answers anew; without scripts it is a link all the same.
	await page.locator('[data-lever=two-makers]').getByRole('link', { name: 'See it' }).click();
	await expect(page.locator('[data-expected]')).toContainText('With two more makers');
	expect(Number(await chance.getAttribute('data-chance'))).toBeGreaterThanOrEqual(before);
	await page.getByRole('link', { name: 'Find the smallest change' }).click();
	await expect(page.locator('[data-change]')).toBeVisible({ timeout: 30_000 });
	await page.goto('/');
	await expect(page.locator('[data-chance]')).toHaveAttribute('data-chance', String(before));
	await page.setViewportSize({ width: 390, height: 844 });
	await expectAccessible(page);
});
