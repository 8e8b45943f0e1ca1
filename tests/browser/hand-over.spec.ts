import { expect, expectAccessible, keep, ready, test } from './app';
import { rows, sent } from './table-world';

test.describe.configure({ mode: 'serial' });
test.use({ world: 'handover', allowed: ['422', '404'] });
let codes: string[] = [];

test.beforeAll(async ({ app, browser }) => {
	const page = await browser.newPage({ baseURL: app.address });
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Mat for the Tide House');
	const [plan] = await rows<{ id: string }>(app, 'select id from plan limit 1');
	for (let nth = 0; nth < 3; nth++) await sent(page, 'begin', { plan: plan?.id ?? '', person: '' });
	codes = (
		await rows<{ code: string }>(app, `select code from thing where sort = 'mat' order by id`)
	).map(({ code }) => code);
	for (const mat of codes) await sent(page, 'finish', { mat });
	for (const mat of codes.slice(0, 2))
		await sent(page, 'check', { mat, length: '185 cm', width: '86 cm' });
	await page.close();
});

test('before any place receives mats, that is said', async ({ page }) => {
	await page.goto('/hand-over');
	await expect(page.getByRole('link', { name: 'People and places' })).toBeVisible();
	await page.request.post('/people?/receiving', {
		form: { name: 'Tide House' },
		headers: { origin: new URL(page.url()).origin }
	});
	await page.reload();
	await expect(page.getByRole('heading', { name: 'Send mats' })).toBeVisible();
	await expect(page.getByText('Nothing went out yet')).toBeVisible();
});

test('good mats are chosen, packed, sent, and received in a word', async ({ page }) => {
	await page.goto('/hand-over');
	await ready(page);
	await expect(page.locator('[data-ready]')).toHaveCount(2);
	await page.getByRole('button', { name: 'They go' }).click();
	await expect(page.getByLabel('Their labels')).toHaveAttribute('aria-invalid', 'true');
	for (const code of codes.slice(0, 2)) await page.getByLabel(new RegExp(code)).check();
	await expect(page.locator('[data-crates]')).toHaveAttribute('data-crates', '1');
	await expect(page.getByRole('img', { name: /Crate 1: / })).toBeVisible();
	await expectAccessible(page);
	// One that is not good yet is refused by its label, and nothing typed is lost.
	const labels = page.getByLabel('Their labels');
	await labels.fill(`${codes[0]} ${codes[2]}`);
	await page.getByRole('button', { name: 'They go' }).click();
	await expect(page.getByText(`${codes[2]} was not found good yet`).first()).toBeVisible();
	await expect(labels).toHaveValue(`${codes[0]} ${codes[2]}`);
	await labels.fill(codes.slice(0, 2).join(', '));
	await page.getByRole('button', { name: 'They go' }).click();
	await expect(page.locator('[data-ready]')).toHaveCount(0);
	await expect(page.locator('[data-mats]')).toHaveText('2');
	// 2 × 0.86 m × 1.85 m.
	await expect(page.locator('[data-account]')).toContainText('3.2 m²');
	await expect(page.locator('[data-uncounted]')).toContainText('Of 2 mats no label says');
	const delivery = page.locator('[data-delivery]');
	await expect(delivery).toContainText('Tide House');
	await delivery.getByLabel('In a word').fill('with thanks');
	await delivery.getByRole('button', { name: 'It was received' }).click();
	await expect(delivery).toContainText('received');
	await expect(delivery.getByRole('button')).toHaveCount(0);
});

test('a mat that comes back counts no more, and is checked again', async ({ page }) => {
	await page.goto(`/check/${codes[0]}`);
	await ready(page);
	await expect(page.locator('[data-state]')).toHaveText('received');
	await page.getByRole('button', { name: 'It came back' }).click();
	await expect(page.getByLabel('Why it came back')).toHaveAttribute('aria-invalid', 'true');
	await page.getByLabel('Why it came back').fill('a tie gave');
	await page.getByRole('button', { name: 'It came back' }).click();
	await expect(page.locator('[data-state]')).toHaveText('sent back: check it again');
	await page.goto('/hand-over');
	await expect(page.locator('[data-mats]')).toHaveText('1');
	await page.setViewportSize({ width: 390, height: 844 });
	await expectAccessible(page);
	await page.goto('/check');
	await expect(page.locator(`[data-made="${codes[0]}"]`)).toHaveAttribute(
		'data-state',
		'sent-back'
	);
});
