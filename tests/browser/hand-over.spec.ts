import * as checkWords from '../../src/lib/words/check';
import * as commonWords from '../../src/lib/words/common';
import * as handOverWords from '../../src/lib/words/hand-over';
import { expect, expectAccessible, keep, ready, test, goOffline } from './app';
import { wordsOf } from './pdf';
import { rows, sent } from './table-world';

test.describe.configure({ mode: 'serial' });
test.use({
	world: 'handover',
	allowed: ['ERR_INTERNET_DISCONNECTED', 'Failed to fetch', '422', '404']
});
let codes: string[] = [];

test.beforeAll(async ({ apps, browser }) => {
	const app = await apps('handover');
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
	await expect(
		page.getByRole('link', { name: handOverWords.HandOverPage.sourcesAndReceivingPlaces() })
	).toBeVisible();
	await page.request.post('/places?/receiving', {
		form: { name: 'Tide House' },
		headers: { origin: new URL(page.url()).origin }
	});
	await page.reload();
	await expect(
		page.getByRole('heading', { name: handOverWords.DeliverForm.sendMats() })
	).toBeVisible();
	await expect(page.getByText(handOverWords.HandOverPage.noDeliveriesYet())).toBeVisible();
});

test('good mats are chosen, packed, sent, and received in a word', async ({ page }) => {
	await page.goto('/hand-over');
	await ready(page);
	await expect(page.locator('[data-ready]')).toHaveCount(2);
	await page.getByRole('button', { name: handOverWords.DeliverForm.recordDelivery() }).click();
	await expect(page.getByLabel(handOverWords.DeliverForm.theirLabels())).toHaveAttribute(
		'aria-invalid',
		'true'
	);
	for (const code of codes.slice(0, 2)) await page.locator(`[data-ready="${code}"] label`).click();
	await expect(page.locator('[data-crates]')).toHaveAttribute('data-crates', '1');
	await expect(page.getByRole('img', { name: /Box 1: / })).toBeVisible();
	await expectAccessible(page);
	// One that is not good yet is refused by its label, and nothing typed is lost.
	const labels = page.getByLabel(handOverWords.DeliverForm.theirLabels());
	await labels.fill(`${codes[0]} ${codes[2]}`);
	await page.getByRole('button', { name: handOverWords.DeliverForm.recordDelivery() }).click();
	await expect(page.getByText(`${codes[2]} is not checked and good yet`).first()).toBeVisible();
	await expect(labels).toHaveValue(`${codes[0]} ${codes[2]}`);
	await labels.fill(codes.slice(0, 2).join(', '));
	await page.getByRole('button', { name: handOverWords.DeliverForm.recordDelivery() }).click();
	await expect(page.locator('[data-ready]')).toHaveCount(0);
	const delivery = page.locator('[data-delivery]');
	await expect(delivery).toContainText('Tide House');
	// On another day than it is typed: what is no day is said at its field.
	await delivery.getByLabel(handOverWords.ReceiveButton.byWhom()).fill('with thanks');
	await delivery.getByLabel(handOverWords.ReceiveButton.onAnotherDayThanToday()).fill('soon');
	await delivery.getByRole('button', { name: handOverWords.ReceiveButton.confirm() }).click();
	await expect(
		delivery.getByLabel(handOverWords.ReceiveButton.onAnotherDayThanToday())
	).toBeFocused();
	await expect(delivery.getByRole('alert')).toContainText('20 Dec');
	await delivery.getByLabel(handOverWords.ReceiveButton.onAnotherDayThanToday()).fill('2026-01-05');
	await delivery.getByRole('button', { name: handOverWords.ReceiveButton.confirm() }).click();
	await expect(delivery).toContainText('received Mon 5 Jan 2026: “with thanks”');
	await expect(delivery.getByRole('button')).toHaveCount(0);
});

test('each result so far opens to how it was counted, by delivery, on paper and as a list', async ({
	page,
	request
}) => {
	await page.goto('/hand-over/account');
	await ready(page);
	await expect(page.locator('[data-figure=mats]')).toContainText('2');
	// 2 × 0.86 m × 1.85 m.
	await expect(page.locator('[data-figure=area]')).toContainText('3.2 m²');
	const bags = page.locator('[data-figure=bags]');
	await bags.getByText(handOverWords.accountWords.bagsKeptFromTheBin()).click();
	await expect(bags).toContainText('2 mats no label says');
	await expectAccessible(page);
	await page.getByRole('link', { name: /Season 20/ }).click();
	await expect(page.locator('[data-figure=mats]')).toContainText('2');
	await expect(page.locator('[data-bars]')).toContainText('2');
	await page.locator('[data-account] a').click();
	await expect(page.locator('[data-handed]')).toHaveCount(2);
	const season = new URL(page.url()).search;
	for (const query of [season, `${season}&paper=letter&large=yes`]) {
		const answer = await request.get(`/hand-over/account.pdf${query}`);
		expect(answer.status()).toBe(200);
		const words = await wordsOf(await answer.body());
		expect(words).toContain(handOverWords.accountWords.matsDelivered());
		expect(words).toContain('3.2 m²');
		expect(words).toContain('2 mats no label says');
	}
	expect((await request.get('/hand-over/account.pdf?season=2001')).status()).toBe(404);
	const csv = await (await request.get('/hand-over/mats.csv')).text();
	expect(csv.split('\r\n')[0]).toContain('mat,plan,delivery');
	for (const code of codes.slice(0, 2)) expect(csv).toContain(`${code},Mat for the Tide House`);
	const sends = await (await request.get('/hand-over/deliveries.csv')).text();
	// Two mats of 0.86 by 1.85 m, of which no label says the bags.
	expect(sends.split('\r\n')[1]).toMatch(/,Tide House,[\d-]+,2,3\.182,0,2,0,0,0,/);
});

test('a delivery has its note and its tags, and a mat its own page', async ({ page, request }) => {
	await page.goto('/hand-over');
	await page.getByRole('link', { name: 'Tide House' }).click();
	await expect(page.locator('[data-carry]')).toContainText('Two mats, about');
	await expect(page.getByRole('img', { name: /Box 1: / })).toBeVisible();
	await expect(page.locator('[data-lies]')).toHaveCount(2);
	await expectAccessible(page);
	const { pathname } = new URL(page.url());
	for (const query of ['', '?paper=letter&large=yes']) {
		const note = await wordsOf(await (await request.get(`${pathname}/note.pdf${query}`)).body());
		for (const words of [
			codes[0] ?? '',
			'Received',
			'Tide House',
			'Keep it away from small children'
		])
			expect(note).toContain(words);
	}
	const delivery = pathname.split('/').at(-1) ?? '';
	const tags = await wordsOf(
		await (await request.get(`/hand-over/tags.pdf?delivery=${delivery}`)).body()
	);
	for (const words of [codes[0] ?? '', codes[1] ?? '', 'Shake, hose, hang to dry'])
		expect(tags).toContain(words);
	expect((await request.get('/hand-over/tags.pdf?mat=ABCDE')).status()).toBe(404);
	await page.locator('[data-lies] a').first().click();
	await expect(page.locator('[data-state]')).toHaveText('received by Tide House');
	await expect(page.locator('[data-bags]')).toContainText(
		handOverWords.HandOverMatsCodePage.noBallWasGivenFor()
	);
	await expect(page.locator('[data-what=delivered]')).toBeVisible();
	await expectAccessible(page);
	expect((await request.get('/hand-over/mats/ABCDE')).status()).toBe(404);
	expect((await request.get('/hand-over/deliveries/ABCDE')).status()).toBe(404);
});

test('a place asks, is promised, and what it can count on is drawn', async ({ page }) => {
	await page.goto('/hand-over/asks');
	await ready(page);
	await page.getByLabel(handOverWords.AskForm.mats(), { exact: true }).fill('many');
	await page.getByLabel(handOverWords.AskForm.by(), { exact: true }).fill('2099-12-24');
	await page.getByRole('button', { name: handOverWords.AskForm.save(), exact: true }).click();
	await expect(page.getByLabel(handOverWords.AskForm.mats(), { exact: true })).toHaveAttribute(
		'aria-invalid',
		'true'
	);
	await page.getByLabel(handOverWords.AskForm.mats(), { exact: true }).fill('3');
	await page.getByRole('button', { name: handOverWords.AskForm.save(), exact: true }).click();
	const ask = page.locator('[data-ask]');
	await expect(ask).toContainText('three mats by Thu 24 Dec 2099');
	await expect(ask.locator('[data-standing]')).toContainText('Nothing is promised');
	await ask.getByLabel(handOverWords.PromiseForm.promise()).fill('9');
	await ask.getByRole('button', { name: new RegExp(handOverWords.PromiseForm.promised()) }).click();
	await expect(ask.getByText('They ask for 3. You cannot promise more.')).toBeVisible();
	await ask.getByLabel(handOverWords.PromiseForm.promise()).fill('3');
	await ask.getByRole('button', { name: new RegExp(handOverWords.PromiseForm.promised()) }).click();
	await expect(ask.locator('[data-standing]')).toContainText(/3 promised, (perhaps )?too few/);
	await expectAccessible(page);
	const place = page.locator('[data-place="Tide House"]');
	await place.locator('summary').click();
	await place
		.getByLabel(handOverWords.PlaceForm.whenSomebodyIsThere())
		.fill('every night from nine');
	await place
		.getByRole('button', { name: new RegExp(handOverWords.PlaceForm.savePlace()) })
		.click();
	await expect(page.locator('[data-place="Tide House"]')).toContainText('every night from nine');
	// Asked by mistake: taken back with a reason.
	await ask.locator('summary').filter({ hasText: commonWords.TakeBack.undo() }).click();
	await ask.getByLabel(commonWords.EntryForm.whyOptional()).fill('another year');
	await ask.getByRole('button', { name: /Undo/ }).click();
	await expect(ask).toHaveCount(0);
});

test('a pillow is stuffed without network, counts once, and goes with a mat', async ({
	page,
	context,
	app
}) => {
	const [kind] = await rows<{ id: string }>(app, 'select id from bag_kind limit 1');
	await sent(page, 'movement', {
		kind: kind?.id ?? '',
		colour: 'blue',
		form: 'scrap',
		direction: 'in',
		amount: '1 kg',
		reason: 'counted'
	});
	await sent(page, 'check', { mat: codes[2] ?? '', length: '185 cm', width: '86 cm' });
	await page.goto('/hand-over/pillows');
	await ready(page);
	await expect(page.locator('[data-stuffing]')).toContainText('enough for three pillows');
	await goOffline(page);
	await page.getByLabel(handOverWords.PillowForm.scrapInItWeighed()).fill('250 g');
	await page.getByRole('button', { name: handOverWords.PillowForm.savePillow() }).click();
	await expect(page.getByText('1 entry waits on this device')).toBeVisible();
	await context.setOffline(false);
	await expect(page.locator('[data-pillow]')).toHaveCount(1, { timeout: 20_000 });
	await expectAccessible(page);
	await page.goto('/hand-over');
	await ready(page);
	await page.locator(`[data-ready="${codes[2]}"] label`).click();
	await page.getByRole('button', { name: handOverWords.DeliverForm.aPillowWithEach() }).click();
	await expect(page.locator('[data-pairs]')).toHaveAttribute('data-pairs', '1');
	await page
		.locator('summary')
		.filter({ hasText: /^\s*Box size/ })
		.click();
	await page.getByLabel(handOverWords.DeliverForm.eventAtTheDelivery()).fill('Tea at six');
	await page.getByLabel(handOverWords.DeliverForm.day(), { exact: true }).fill('2099-12-10');
	await page.getByRole('button', { name: handOverWords.DeliverForm.recordDelivery() }).click();
	await expect(page.locator('[data-delivery]').first()).toContainText('One mat and one pillow');
	const calendar = await (await page.request.get('/hand-over/calendar.ics')).text();
	expect(calendar).toContain('Tea at six (one mat to Tide House)');
	expect(calendar).toContain('VALUE=DATE:20991210');
	expect(calendar).not.toContain('X-M');
	// By mistake: it is taken back with a reason, and lies there again.
	await page.locator('[data-delivery] a').first().click();
	await page.locator('summary').filter({ hasText: commonWords.TakeBack.undo() }).click();
	await page.getByLabel(commonWords.EntryForm.whyOptional()).fill('the van broke down');
	await page.getByRole('button', { name: /Undo/ }).click();
	await expect(page.getByText('No delivery of this group has that code')).toBeVisible();
	await page.goto('/hand-over');
	await expect(page.locator('[data-ready]')).toHaveCount(1);
});

test('a mat that comes back counts no more, and is checked again', async ({ page }) => {
	await page.goto(`/check/${codes[0]}`);
	await ready(page);
	await expect(page.locator('[data-state]')).toHaveText(handOverWords.storyWords.received());
	await page.getByRole('button', { name: checkWords.CameBack.itCameBack() }).click();
	await expect(page.getByLabel(checkWords.CameBack.whyItCameBack())).toHaveAttribute(
		'aria-invalid',
		'true'
	);
	await page.getByLabel(checkWords.CameBack.whyItCameBack()).fill('a tie gave');
	await page.getByRole('button', { name: checkWords.CameBack.itCameBack() }).click();
	await expect(page.locator('[data-state]')).toHaveText(checkWords.checkWords.sentBackCheckAgain());
	await page.goto('/hand-over/account');
	await expect(page.locator('[data-figure=mats]')).toContainText('1');
	await page.setViewportSize({ width: 390, height: 844 });
	await expectAccessible(page, 'width');
	await page.goto('/check');
	await expect(page.locator(`[data-made="${codes[0]}"]`)).toHaveAttribute(
		'data-state',
		'sent-back'
	);
});
