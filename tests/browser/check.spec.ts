import * as checkWords from '../../src/lib/words/check';
import * as commonWords from '../../src/lib/words/common';
import * as makingWords from '../../src/lib/words/making';
import * as planWords from '../../src/lib/words/plan';
import { expect, expectAccessible, keep, ready, test, goOffline } from './app';
import { wordsOf } from './pdf';
import { rows, sent } from './table-world';

test.describe.configure({ mode: 'serial' });
test.use({
	world: 'check',
	allowed: ['ERR_INTERNET_DISCONNECTED', 'Failed to fetch', '422', '404']
});
let code = '';
test.beforeAll(async ({ apps, browser }) => {
	const app = await apps('check');
	const page = await browser.newPage({ baseURL: app.address });
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Mat for the Tide House');
	const [plan] = await rows<{ id: string }>(app, 'select id from plan limit 1');
	await sent(page, 'begin', { plan: plan?.id ?? '', person: '' });
	const [mat] = await rows<{ code: string }>(app, `select code from thing where sort = 'mat'`);
	code = mat?.code ?? '';
	await sent(page, 'rows', { mat: code, to: '211' });
	await page.close();
});

test('a mat whose rows are made is finished, and waits to be checked', async ({ page }) => {
	await page.goto('/check');
	await expect(page.getByText(checkWords.CheckPage.noMatsToCheck())).toBeVisible();
	await page.goto('/make');
	await ready(page);
	await page.getByRole('button', { name: makingWords.NeedAct.finished2() }).click();
	await expect(page.locator('[data-mat]')).toHaveCount(0);
	await page.goto('/check');
	await expect(page.locator(`[data-made="${code}"]`)).toHaveAttribute('data-state', 'finished');
	await expectAccessible(page);
});

test('mats to check are on paper, each with its places and the faults it can have', async ({
	request
}) => {
	for (const query of ['', '?paper=letter&large=yes']) {
		const answer = await request.get(`/check/sheet.pdf${query}`);
		expect(answer.status()).toBe(200);
		const words = await wordsOf(await answer.body());
		expect(words).toContain(`${code}, Mat for the Tide House`);
		expect(words).toContain('strip torn at a joint');
		expect(words).not.toContain('knot at a peg');
	}
});

test('three faults are marked by tap and by key, the call is said at once, and the remedy of each', async ({
	page
}) => {
	await page.goto(`/check/${code}`);
	await ready(page);
	const place = (at: number) => page.locator(`[data-place="${at}"]`);
	await place(7).click();
	await expect(place(7)).toHaveAccessibleName('Spot 3 along, 2 across: a fingertip goes through');
	await page.getByLabel(checkWords.checkWords.tailCameLoose()).check();
	await place(0).focus();
	await page.keyboard.press('Enter');
	await page.getByLabel(checkWords.checkWords.stripTornAtAJoint()).check();
	// A finger marks the very spot; a key the middle of a place.
	await place(14).click({ position: { x: 12, y: 10 } });
	await expect(page.locator('[data-fault-at]')).toHaveCount(2);
	const spots = (await page.locator('input[name=faults]').inputValue()).split('; ');
	expect(spots[0]).toBe('loose-tail@0.100,0.167');
	const [, along = 0, across = 0] = (/@([\d.]+),([\d.]+)/.exec(spots[1] ?? '') ?? []).map(Number);
	expect(along).toBeGreaterThan(0.8);
	expect(along).toBeLessThan(0.85);
	expect(across).toBeGreaterThan(0.66);
	expect(across).toBeLessThan(0.85);
	await place(13).click();
	// A second tap takes it away.
	await place(13).click();
	await expect(place(13)).toHaveAccessibleName(/nothing found/);
	await page.getByLabel(checkWords.CheckForm.length(), { exact: true }).fill('long');
	await page.getByRole('button', { name: checkWords.CheckForm.saveCheck() }).click();
	await expect(page.getByLabel(checkWords.CheckForm.length(), { exact: true })).toHaveAttribute(
		'aria-invalid',
		'true'
	);
	await expect(place(14)).toHaveAccessibleName(/strip torn at a joint/);
	await page.getByLabel(checkWords.CheckForm.length(), { exact: true }).fill('185 cm');
	await page.getByLabel(checkWords.CheckForm.width(), { exact: true }).fill('86 cm');
	const call = page.locator('[data-call]');
	await expect(call).toHaveAttribute('data-call', 'mend');
	await expect(call).toContainText('about 21 minutes');
	await expect(page.locator('[data-remedy=loose-tail]')).toContainText(
		checkWords.checkWords.leadItBackUnderFive()
	);
	await expect(page.locator('[data-remedy=torn-joint]')).toContainText(
		planWords.stepLines.overhandKnot()
	);
	await expect(page.locator('[data-remedy=through]')).toContainText('Darn it');
	// Each step of a remedy is drawn.
	await expect(page.locator('[data-remedy=torn-joint]').getByRole('img')).toHaveCount(3);
	await expectAccessible(page);
	await page.getByRole('button', { name: checkWords.CheckForm.saveCheck() }).click();
	await expect(page.locator('[data-state]')).toHaveText(checkWords.checkWords.toMend());
	await expect(page.locator('[data-check=mend]')).toContainText(
		checkWords.checkWords.stripTornAtAJoint()
	);
	await page.goto('/check');
	await expect(page.locator(`[data-made="${code}"]`)).toContainText('about 21 minutes, anyone');
	const torn = page.locator('[data-fault=torn-joint]');
	await expect(torn).toContainText('1 of 1, comes with joining');
	await torn.getByText(checkWords.FaultTallyLine.whereItComes()).click();
	await expect(torn).toContainText('crochet 1 of 1');
});

test('a table day knows what is to be mended, and who may', async ({ page }) => {
	await page.goto('/check');
	const { origin } = new URL(page.url());
	await page.request.post('/people?/add', {
		form: { name: 'Odo', key: crypto.randomUUID() },
		headers: { origin }
	});
	await page.request.post('/prepare/days?/add', {
		form: { day: '2099-12-03', place: 'Boat shed', key: crypto.randomUUID() },
		headers: { origin }
	});
	await page.goto('/prepare/days');
	await page.getByRole('link', { name: /Dec 2099/ }).click();
	await expect(page.locator(`[data-mend="${code}"]`)).toContainText('about 21 minutes, anyone');
});

test('it is mended, checked again without network, and found good; its history stays', async ({
	page,
	context
}) => {
	await page.goto(`/check/${code}`);
	await ready(page);
	await page.getByRole('button', { name: checkWords.CheckCodePage.mended2() }).click();
	await expect(page.locator('[data-state]')).toHaveText(checkWords.checkWords.mendedCheckItAgain());
	await page.getByLabel(checkWords.CheckForm.length(), { exact: true }).fill('185');
	await page.getByLabel(checkWords.CheckForm.width(), { exact: true }).fill('86');
	await expect(page.locator('[data-call]')).toHaveAttribute('data-call', 'good');
	await goOffline(page);
	await page.getByRole('button', { name: checkWords.CheckForm.saveCheck() }).click();
	await expect(page.getByText('1 entry waits on this device')).toBeVisible();
	await context.setOffline(false);
	await expect(page.locator('[data-state]')).toHaveText('good', { timeout: 20_000 });
	await page.reload();
	await expect(page.locator('[data-check]')).toHaveCount(2);
	await page.setViewportSize({ width: 390, height: 844 });
	await expectAccessible(page, 'width');
	await page.goto('/check');
	await expect(page.getByText(checkWords.CheckPage.noMatsToCheck())).toBeVisible();
	await expect(page.locator('[data-acceptance]')).toContainText('67 of 100');
});

test('a mat that is none, or being made still, is said', async ({ page }) => {
	const answer = await page.goto('/check/ABCDE');
	expect(answer?.status()).toBe(404);
	await expect(page.getByText(checkWords.CheckCodeActs.noFinishedMatHasThat())).toBeVisible();
	// None waits any more: there is no sheet.
	expect((await page.request.get('/check/sheet.pdf')).status()).toBe(404);
});

test('two who check one mat at once are both kept, and the later is told', async ({
	page,
	app
}) => {
	const [plan] = await rows<{ id: string }>(app, 'select id from plan limit 1');
	await sent(page, 'begin', { plan: plan?.id ?? '', person: '' });
	const [mat] = await rows<{ code: string }>(
		app,
		`select code from thing where sort = 'mat' order by id desc limit 1`
	);
	const both = mat?.code ?? '';
	await sent(page, 'finish', { mat: both });
	await page.goto(`/check/${both}`);
	await ready(page);
	await sent(page, 'check', {
		mat: both,
		length: '185 cm',
		width: '86 cm',
		faults: 'damp@0.5,0.5'
	});
	await page.getByLabel(checkWords.CheckForm.length(), { exact: true }).fill('185');
	await page.getByLabel(checkWords.CheckForm.width(), { exact: true }).fill('86');
	await page.getByRole('button', { name: checkWords.CheckForm.saveCheck() }).click();
	await expect(page.locator('[data-check]')).toHaveCount(2);
	await expect(page.locator('[data-twice]')).toContainText(
		checkWords.CheckCodePage.somebodyHadCheckedItJust()
	);
	await expect(page.locator('[data-state]')).toHaveText('good');
});

test.describe('by touch', () => {
	test.use({ hasTouch: true, viewport: { width: 834, height: 1112 } });
	test('a spot is marked under the finger, and unmarked by a second tap', async ({ page, app }) => {
		const [plan] = await rows<{ id: string }>(app, 'select id from plan limit 1');
		await sent(page, 'begin', { plan: plan?.id ?? '', person: '' });
		const [mat] = await rows<{ code: string }>(
			app,
			`select code from thing where sort = 'mat' order by id desc limit 1`
		);
		await sent(page, 'finish', { mat: mat?.code ?? '' });
		await page.goto(`/check/${mat?.code}`);
		await ready(page);
		await page.getByLabel(checkWords.checkWords.tieIsWeak()).tap();
		const map = page.locator('[data-map]');
		const box = await map.boundingBox();
		if (!box) throw new Error('there is no map');
		await map.tap({ position: { x: box.width * 0.93, y: box.height * 0.1 } });
		const faults = page.locator('input[name=faults]');
		await expect(faults).toHaveValue(/^weak-tie@0\.9[23]\d*,0\.(09|1)\d*$/);
		await map.tap({ position: { x: box.width * 0.95, y: box.height * 0.12 } });
		await expect(faults).toHaveValue('');
	});
});

test('a mat that is taken apart gives its strand back to the store, weighed', async ({
	page,
	app
}) => {
	const [plan] = await rows<{ id: string }>(app, 'select id from plan limit 1');
	await sent(page, 'begin', { plan: plan?.id ?? '', person: '' });
	const [mat] = await rows<{ code: string }>(
		app,
		`select code from thing where sort = 'mat' order by id desc limit 1`
	);
	const wreck = mat?.code ?? '';
	await sent(page, 'finish', { mat: wreck });
	await page.goto(`/check/${wreck}`);
	await ready(page);
	await page.getByLabel(checkWords.CheckForm.length(), { exact: true }).fill('185');
	await page.getByLabel(checkWords.CheckForm.width(), { exact: true }).fill('86');
	await page.getByText(checkWords.CheckForm.iDisagree()).click();
	await page.getByLabel(checkWords.CheckForm.yourDecision()).selectOption('apart');
	await page.getByRole('button', { name: checkWords.CheckForm.saveCheck() }).click();
	await expect(page.getByLabel(checkWords.CheckForm.why())).toBeFocused();
	await page.getByLabel(checkWords.CheckForm.why()).fill('it smells of fuel');
	await page.getByRole('button', { name: checkWords.CheckForm.saveCheck() }).click();
	await expect(page.locator('[data-state]')).toHaveText(checkWords.checkWords.takenApart());
	await expect(page.locator('[data-film]')).toContainText(
		checkWords.UnwoundForm.itIsTakenApartBy()
	);
	// A check that was a mistake is taken back with a reason, and the mat waits again.
	await page.locator('summary').filter({ hasText: commonWords.TakeBack.undo() }).first().click();
	await page.getByLabel(commonWords.EntryForm.whyOptional()).fill('another mat');
	await page.getByRole('button', { name: /Undo/ }).click();
	await expect(page.locator('[data-state]')).toHaveText(checkWords.checkWords.toCheck());
});
