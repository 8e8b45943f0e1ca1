import { exerciseKinds, exerciseOf, isRight } from '../../src/lib/core/know-how/exercises';
import { actNames, acts } from '../../src/lib/stages/know-how/acts';
import { PDFDocument } from '@cantoo/pdf-lib';
import { expect, expectAccessible, ready, test } from './app';

test.use({ world: 'know-how', allowed: ['404'] });

test('an act is shown step by step, forward and back, and moves only where that is wished', async ({
	page
}) => {
	await page.goto('/know-how');
	await ready(page);
	await expectAccessible(page);
	await page.getByRole('link', { name: acts.spiral.title }).click();
	await expect(page.locator('[data-step="1"]')).toContainText('Lay the bag flat');
	await expect(page.locator('[data-step]')).toHaveCount(1);
	await page.getByRole('button', { name: 'Next' }).focus();
	await page.keyboard.press('Enter');
	await expect(page.locator('[data-step="2"]')).toContainText('Slit it from one edge');
	await expect(page.getByRole('note', { name: 'Caution' })).toContainText('trained adults');
	await page.getByRole('button', { name: 'Back' }).click();
	await expect(page.locator('[data-step="1"]')).toBeVisible();
	await page.getByLabel('Seconds a step').selectOption('2');
	await page.getByRole('button', { name: 'Let it move' }).click();
	await expect(page.locator('[data-step="2"]')).toBeVisible({ timeout: 4000 });
	await page.getByRole('button', { name: 'Stop' }).click();
	await expectAccessible(page);
	await page.getByRole('link', { name: 'Practise: Which slit joins which' }).click();
	await expect(page).toHaveURL(/practice\?kind=slit/);
	await page.setViewportSize({ width: 390, height: 844 });
	await expectAccessible(page);
});

test('without scripts every act is there, all its steps at once', async ({ browser, app }) => {
	const context = await browser.newContext({ javaScriptEnabled: false, baseURL: app.address });
	const page = await context.newPage();
	for (const act of actNames) {
		await page.goto(`/know-how/${act}`);
		expect(await page.locator('[data-step] svg').count()).toBeGreaterThan(2);
	}
	for (const path of ['/know-how/none', '/know-how/none/card.pdf'])
		expect((await page.request.get(path)).status()).toBe(404);
	for (const act of actNames) {
		const card = await page.request.get(`/know-how/${act}/card.pdf?paper=letter`);
		expect(card.headers()['content-type']).toBe('application/pdf');
		// One act, one page.
		const pdf = await PDFDocument.load(await card.body());
		expect([act, pdf.getPageCount()]).toEqual([act, 1]);
	}
	await context.close();
});

test('from what one sees, by a question, to what is done about it', async ({ page }) => {
	await page.goto('/know-how/faults');
	await ready(page);
	await page.locator('[data-sign=not-flat]').focus();
	await page.keyboard.press('Enter');
	await expect(page.locator('[data-remedy]')).toHaveCount(0);
	await page.locator('[data-is=waves]').click();
	await expect(page.locator('[data-remedy=waves]')).toContainText('Work fewer stitches');
	await expect(page.locator('[data-remedy] svg')).toHaveCount(2);
	await expectAccessible(page);
	// In another technique it can be but one thing: nothing is asked.
	await page.goto('/know-how/faults?technique=finger-bands&sign=not-flat');
	await expect(page.locator('[data-remedy=band-curls]')).toBeVisible();
	for (const query of ['technique=x&sign=y&is=z', 'sign=lump&is=rod-off'])
		expect((await page.request.get(`/know-how/faults?${query}`)).status()).toBe(200);
});

test('a question is answered, says why, and a wrong slant falls out as a ring', async ({
	page
}) => {
	for (const kind of exerciseKinds) {
		const { facts, options } = exerciseOf(kind, 12);
		const right = options.find((option) => isRight(facts, option));
		const wrong = options.find((option) => !isRight(facts, option));
		await page.goto(`/know-how/practice?kind=${kind}&seed=12`);
		await ready(page);
		await page.locator(`[data-answer="${wrong}"]`).click();
		await expect(page.locator('[data-right=false]')).toContainText('Not that one.');
		await page.locator(`[data-answer="${right}"]`).click();
		await expect(page.locator('[data-right=true]')).toContainText('Yes.');
	}
	await page.goto('/know-how/practice?kind=slit&seed=12&answer=99');
	await expect(page.locator('[data-right]')).toHaveCount(0);
	await expectAccessible(page);
	// Whatever an address asks, there is a question.
	for (const query of ['kind=x&seed=-4', 'seed=1e99', 'kind=hook&seed=two&answer=NaN'])
		expect((await page.request.get(`/know-how/practice?${query}`)).status()).toBe(200);
});
