import * as commonWords from '../../src/lib/words/common';
import * as gatherWords from '../../src/lib/words/gather';
import * as handOverWords from '../../src/lib/words/hand-over';
import * as planWords from '../../src/lib/words/plan';
import { PDFDocument } from '@cantoo/pdf-lib';
import { choose, expect, expectAccessible, keep, openStep, ready, test } from './app';
import { linesOfPdf } from './pdf';

test.use({ world: 'asks', allowed: ['status of 4'] });

test('mats that are wanted turn into bags to ask for, less what the store has', async ({
	page,
	request,
	app
}) => {
	await page.goto('/gather/asks');
	await expect(page.getByText(gatherWords.GatherAsksPage.noPlanIsKeptYet())).toBeVisible();
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'For the asks');

	await page.goto('/gather/asks');
	await ready(page);
	await expect(page.getByText(gatherWords.GatherAsksPage.noMatsAreWantedYet())).toBeVisible();
	const row = page.locator('[data-plan="For the asks"]');
	const wanted = page.getByLabel('Mats wanted of For the asks');
	await wanted.fill('lots');
	await row.getByRole('button', { name: gatherWords.GatherAsksPage.set() }).click();
	await expect(row.getByText('“lots” is not a whole number.')).toBeVisible();
	await expect(wanted).toHaveValue('lots');
	// What is typed while an answer is still on its way is not drawn over by it.
	await page.route('**/gather/asks?/want', async (route) => {
		await new Promise((done) => setTimeout(done, 400));
		await route.continue();
	});
	await wanted.fill('heaps');
	const answered = page.waitForResponse((answer) => answer.url().includes('?/want'));
	await wanted.press('Enter');
	await wanted.fill('1');
	await answered;
	await expect(row.getByText('“heaps” is not a whole number.')).toBeVisible();
	await expect(wanted).toHaveValue('1');
	await page.unroute('**/gather/asks?/want');
	await row.getByRole('button', { name: gatherWords.GatherAsksPage.set() }).click();
	const ask = page.locator('[data-ask="Thin carrier any colour"], [data-ask="Thin carrier any"]');
	await expect(ask).toBeVisible();
	const figures = async () =>
		(await ask.locator('.figure').allTextContents()).map((text) => Number(text.replace(/\D/g, '')));
	const [lacking = 0, toAsk = 0] = await figures();
	expect(toAsk).toBeGreaterThan(lacking / 0.88 - 1);
	await expectAccessible(page);

	// Someone else sets another number while this page stands open.
	const [id = ''] = (await row.getByRole('link').getAttribute('href'))?.split('/').slice(-1) ?? [];
	const theirs = await request.post('/gather/asks?/want', {
		headers: { origin: app.address, accept: 'text/html' },
		form: { plan: id, mats: '2', seen: '1' }
	});
	expect(theirs.status()).toBe(200);
	await wanted.fill('3');
	await wanted.press('Enter');
	await expect(row.getByText('Someone set 2 at the same time.')).toBeVisible();
	await expect(wanted).toHaveValue('3');
	await row.getByRole('button', { name: gatherWords.GatherAsksPage.set() }).click();
	await expect(row.getByText('Someone set 2 at the same time.')).toHaveCount(0);
	await wanted.fill('1');
	await wanted.press('Enter');
	await expect.poll(figures).toEqual([lacking, toAsk]);

	await page.goto('/gather/store?table=yes');
	await ready(page);
	await page.getByLabel(gatherWords.MovementForm.direction()).selectOption('in');
	await page
		.getByLabel(gatherWords.KindColour.kind(), { exact: true })
		.last()
		.selectOption({ label: 'Thin carrier' });
	await page.getByLabel(gatherWords.LineHistory.howMuch()).fill('100');
	await page.getByLabel(gatherWords.MovementForm.reason(), { exact: true }).selectOption('counted');
	await page.getByRole('button', { name: gatherWords.MovementForm.saveMovement() }).click();
	await expect(page.getByText(/Saved: 100/)).toBeVisible();
	await page.getByRole('link', { name: gatherWords.StoreTable.whatEachPlanCanDraw() }).click();
	await expect(row.locator('[data-drawn]')).toContainText('100 bags');
	expect((await figures())[0]).toBe(lacking - 100);

	const sheet = await request.get('/gather/asks/sheet.pdf?paper=letter&large=yes');
	expect(sheet.headers()['content-type']).toBe('application/pdf');
	const bytes = await sheet.body();
	const document = await PDFDocument.load(bytes);
	expect(document.getTitle()).toContain('Bags wanted');
	expect(document.getPage(0).getSize().width).toBeCloseTo(612, 0);
	expect((await linesOfPdf(bytes)).lines.length).toBeGreaterThan(30);
	expect((await request.get('/gather/asks/sheet.pdf?place=nowhere&paper=napkin')).status()).toBe(
		200
	);
});

test('a kind of bag is measured, judged, sorted, planned with, and measured again', async ({
	page
}) => {
	await page.goto('/gather/kinds');
	await ready(page);
	await page.getByLabel(gatherWords.KindForm.name(), { exact: true }).fill('Bread bag');
	await page.getByLabel(gatherWords.KindForm.flatWidth()).fill('24');
	await page.getByLabel(gatherWords.KindForm.seamToHandles()).fill('39');
	await page.getByLabel(gatherWords.KindForm.aHandfulWeighs()).fill('2 kg');
	await expect(page.locator('[data-film]')).toContainText('no bag is');
	await page.getByLabel(gatherWords.KindForm.aHandfulWeighs()).fill('33 g');
	await expect(page.locator('[data-film]')).toContainText('19 µm thick');
	await page.getByRole('button', { name: gatherWords.KindForm.saveKind() }).click();
	const line = page.locator('[data-kind="Bread bag"]');
	await expect(line).toContainText('24 cm × 39 cm flat');
	await expectAccessible(page);

	await page.goto('/plan');
	await ready(page);
	await openStep(page, 'Bag');
	await page.getByRole('button', { name: 'Bread bag' }).click();
	await expect(page.getByRole('button', { name: 'Bread bag' })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	await expect(page.locator('#bag_width')).toHaveValue('24 cm');
	await choose(page, 'bag_preset', 'thin-carrier');
	await page.getByRole('button', { name: planWords.MakeView.whatCanIMake() }).click();
	await expect(page.getByLabel('Bags: Bread bag')).toHaveValue('0');

	await page.goto('/gather/kinds');
	await ready(page);
	await line.getByRole('link', { name: gatherWords.GatherKindsPage.measureAgain() }).click();
	await expect(page.getByLabel(gatherWords.KindForm.name(), { exact: true })).toHaveValue(
		'Bread bag'
	);
	await page.getByLabel(gatherWords.KindForm.gussetEachSide()).fill('3');
	await page.getByRole('button', { name: gatherWords.KindForm.saveKind() }).click();
	await expect(line).toContainText('gussets 3 cm');
	await line.getByRole('button', { name: gatherWords.GatherKindsPage.remove() }).click();
	await expect(line).toHaveCount(0);
});

test.describe('without scripts', () => {
	test.use({ javaScriptEnabled: false, allowed: ['status of 422', 'status of 409'] });

	test('bags come in, are sorted, moved and taken back, and a page sent twice counts once', async ({
		page,
		request,
		app
	}) => {
		await page.goto('/gather');
		await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
		await expect(page.locator('#drop-off-place-problem')).toHaveText(
			commonWords.formReader.pleaseFillThisIn()
		);
		await page.getByLabel(gatherWords.DropOffForm.from(), { exact: true }).fill('Ferry kiosk');
		await page.locator('label:has([name=method][value=batches])').click();
		await page.getByLabel(gatherWords.DropOffForm.howManyBatches(), { exact: true }).fill('14');
		await page.getByLabel(gatherWords.DropOffForm.loose()).fill('6');
		const key = await page.locator('input[name=key]').first().inputValue();
		const form = Object.fromEntries(
			await page.locator('form:has(input[name=place]) [name]').evaluateAll((fields) =>
				fields
					.filter(
						(field) => !field.matches('[type=checkbox]:not(:checked), [type=radio]:not(:checked)')
					)
					.map((field) => {
						const { name, value } = field as HTMLInputElement;
						return [name, value] as const;
					})
			)
		);
		await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
		await expect(page.getByText(handOverWords.ReceiveButton.saved())).toBeVisible();
		await expect(
			page.locator('[data-lately]').filter({ hasText: 'Ferry kiosk' }).first()
		).toContainText('286');
		const headers = { origin: app.address, accept: 'text/html' };
		expect(form.key).toBe(key);
		const again = await request.post('/gather?/keep', { headers, form });
		const other = await request.post('/gather?/keep', { headers, form: { ...form, loose: '7' } });
		expect(other.status()).toBe(422);
		expect(await other.text()).toContain('This was already saved with other content.');
		expect(again.status()).toBe(409);
		expect(await again.text()).toContain('This was already saved and counts once.');

		await page.goto('/gather/sort');
		await page.getByLabel(gatherWords.KindColour.colour()).selectOption('red');
		await page.getByLabel(gatherWords.SortingForm.goodForStrand()).fill('60');
		await page.getByLabel(gatherWords.SortingForm.drying(), { exact: true }).fill('9');
		await page.getByRole('button', { name: gatherWords.SortingForm.intoTheStore() }).click();
		await expect(page.getByText('9 from Ferry kiosk')).toBeVisible();
		await page.getByRole('link', { name: gatherWords.DryingPiles.sortThem() }).click();
		await page.getByLabel(gatherWords.SortingForm.rejected()).fill('12');
		await page.getByRole('button', { name: gatherWords.SortingForm.intoTheStore() }).click();
		await expect(page.locator('#sorting-strand-problem')).toContainText('Only 9 hang there');
		await expect(page.getByText('Of the 9 bags from Ferry kiosk that hung to dry')).toBeVisible();
		await page.getByLabel(gatherWords.SortingForm.rejected()).fill('9');
		await page.getByRole('button', { name: gatherWords.SortingForm.intoTheStore() }).click();
		await expect(page.getByText(gatherWords.DryingPiles.nothingIsDrying())).toBeVisible();
		await page
			.getByRole('link', { name: new RegExp(`^${gatherWords.LineHistory.undo()}`) })
			.nth(1)
			.click();
		await page.getByLabel(commonWords.EntryForm.whyOptional()).fill('all of it');
		await page.getByRole('button', { name: commonWords.TakeBack.undo(), exact: true }).click();
		await expect(page.getByRole('alert')).toContainText(gatherWords.takenBack.bagsOfItThatDried());

		await page.goto('/gather/store?in=red');
		const line = page.locator('tr[data-line$="red bag"]');
		await expect(line.locator('[data-amount]')).toHaveText('60');
		await line.getByRole('link', { name: gatherWords.StoreTable.history() }).click();
		await page
			.getByRole('link', { name: new RegExp(`^${gatherWords.LineHistory.undo()}`) })
			.first()
			.click();
		// It is the sorting that is taken back, and what dried of it was sorted since.
		await page.getByLabel(commonWords.EntryForm.whyOptional()).fill('the wrong pile');
		await page.getByRole('button', { name: commonWords.TakeBack.undo(), exact: true }).click();
		await expect(page.getByRole('alert')).toContainText(gatherWords.takenBack.bagsOfItThatDried());
		await page.goto('/gather/sort');
		for (const why of ['those that dried', 'and the pile']) {
			await page
				.getByRole('link', { name: new RegExp(`^${gatherWords.LineHistory.undo()}`) })
				.first()
				.click();
			await page.getByLabel(commonWords.EntryForm.whyOptional()).fill(why);
			await page.getByRole('button', { name: commonWords.TakeBack.undo(), exact: true }).click();
			await expect(page.getByText(why, { exact: true })).toBeVisible();
		}
		await page.goto('/gather/store?table=yes');
		await expect(line).toHaveCount(0);
	});

	test('a list is looked at, matched and kept', async ({ page }) => {
		await page.goto('/gather/lists');
		await page
			.getByLabel(gatherWords.GatherListsPage.orPasteItHere())
			.fill('day,source,pieces\n2026-11-12,Tide House,31');
		await page.getByRole('button', { name: gatherWords.GatherListsPage.checkTheList() }).click();
		await page.getByLabel('pieces').selectOption('bags');
		await page
			.getByRole('button', { name: gatherWords.GatherListsIdPage.useTheseColumns() })
			.click();
		await page.getByRole('button', { name: 'Save all 1 rows' }).click();
		await expect(page.getByText('All 1 rows were saved')).toBeVisible();
		await page.goto('/gather');
		await expect(
			page.locator('[data-lately]').filter({ hasText: 'Tide House' }).first()
		).toContainText('31');
	});
});
