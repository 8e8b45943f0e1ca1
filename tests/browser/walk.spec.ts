// One walk through all stages, by hand and from nothing: on one process here, and at the address of a whole fleet
// (NEST_ROW_WALK_AT), where each step may be answered by another process and read from another database.
import * as routesWords from '../../src/lib/words/routes';
import * as checkWords from '../../src/lib/words/check';
import * as commonWords from '../../src/lib/words/common';
import * as gatherWords from '../../src/lib/words/gather';
import * as handOverWords from '../../src/lib/words/hand-over';
import * as makingWords from '../../src/lib/words/making';
import * as peopleWords from '../../src/lib/words/people';
import * as planWords from '../../src/lib/words/plan';
import * as prepareWords from '../../src/lib/words/prepare';
import { expect, keep, ready, test } from './app';

test.use({ world: 'walk', serviceWorkers: 'allow' });

test('from a plan and the first sacks to a mat that was handed over', async ({ page }) => {
	const said = page.locator('[data-said]');
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Mat for the Tide House');

	await page.goto('/gather');
	await ready(page);
	await page.getByLabel(gatherWords.DropOffForm.from(), { exact: true }).fill('Ferry kiosk');
	await page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true }).fill('300');
	await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
	await expect(
		page.locator('[data-lately]').filter({ hasText: 'Ferry kiosk' }).first()
	).toContainText('300');
	await page.getByRole('link', { name: 'Sorting' }).click();
	await page.getByLabel(gatherWords.SortingForm.bagsFrom()).fill('Ferry kiosk');
	await page.getByLabel(gatherWords.KindColour.colour()).selectOption('blue');
	await page.getByLabel(gatherWords.SortingForm.goodForStrand()).fill('120');
	await page.getByLabel(gatherWords.SortingForm.rejected()).fill('9');
	await page.getByRole('button', { name: gatherWords.SortingForm.intoTheStore() }).click();
	await expect(
		page.getByRole('link', { name: /^Undo.*blue sorted from Ferry kiosk/ })
	).toBeVisible();

	await page.goto('/prepare');
	await ready(page);
	await page
		.getByLabel(prepareWords.WorkPanel.cutAndJoinedFor())
		.selectOption({ label: 'Mat for the Tide House' });
	// Each is in the list of what was done before the next: the table moves under the finger as an answer comes.
	for (const [name, done] of [
		['Flatten', 'flat'],
		['Cut', 'cut into'],
		['Join', 'joined'],
		['Ball of', 'in a ball']
	] as const) {
		await page.getByRole('button', { name }).first().click();
		await expect(page.locator('[data-act]').first()).toContainText(done);
		await expect(said).toContainText(planWords.PlansPage.saved());
	}
	await page.goto('/prepare/balls');
	const ball = (await page.locator('[data-ball]').first().getAttribute('data-ball')) ?? '';
	expect(ball).toMatch(/^[2-9A-HJ-NP-Z]{5}$/);

	await page.goto('/make');
	await ready(page);
	await page
		.getByLabel(makingWords.BeginForm.plan(), { exact: true })
		.selectOption({ label: 'Mat for the Tide House' });
	await page.getByRole('button', { name: makingWords.BeginForm.start(), exact: true }).click();
	const begun = page.locator('[data-mat]');
	await expect(begun).toHaveCount(1);
	const mat = (await begun.getAttribute('data-mat')) ?? '';
	await page.goto(`/make/${mat}`);
	await ready(page);
	await page.getByLabel(makingWords.StrandInHand.theBallsLabel()).fill(ball);
	await page.getByRole('button', { name: makingWords.StrandInHand.give2() }).click();
	await expect(page.getByRole('link', { name: `${ball}, blue` })).toBeVisible();
	await page.locator('[data-row]').click();
	await expect(said).toHaveText('Saved: row 1.');
	await page.getByLabel(makingWords.RowCounter.toRow()).fill('211');
	await page.getByRole('button', { name: makingWords.RowCounter.saveRows(), exact: true }).click();
	// One ball makes no such mat: that is asked about once.
	await page
		.getByRole('region', { name: makingWords.RowCounter.rows() })
		.getByRole('button', { name: commonWords.WaitingList.yesItIsRight() })
		.click();
	await expect(said).toHaveText('Saved: to row 211.');
	await page.goto('/make');
	await ready(page);
	await page.getByRole('button', { name: makingWords.NeedAct.finished2() }).click();
	await expect(begun).toHaveCount(0);

	await page.goto(`/check/${mat}`);
	await ready(page);
	await page.getByLabel(checkWords.CheckForm.length(), { exact: true }).fill('185');
	await page.getByLabel(checkWords.CheckForm.width(), { exact: true }).fill('86');
	await page.getByRole('button', { name: checkWords.CheckForm.saveCheck() }).click();
	await expect(page.locator('[data-state]')).toHaveText('good');

	await page.goto('/places');
	await ready(page);
	await page.getByLabel(peopleWords.PlacesPage.newReceivingPlace()).fill('Tide House');
	await page
		.getByRole('button', { name: peopleWords.PlacesPage.addPlace(), exact: true })
		.last()
		.click();
	await expect(page.getByText('Tide House').first()).toBeVisible();
	await page.goto('/hand-over');
	await ready(page);
	await page.locator(`[data-ready="${mat}"] label`).click();
	await page.getByRole('button', { name: handOverWords.DeliverForm.recordDelivery() }).click();
	const delivery = page.locator('[data-delivery]');
	await expect(delivery).toContainText('Tide House');
	await delivery.getByLabel(handOverWords.ReceiveButton.byWhom()).fill('with thanks');
	await delivery.getByRole('button', { name: handOverWords.ReceiveButton.confirm() }).click();
	await expect(delivery).toContainText('“with thanks”');

	// What was done at every stage stands together at the end, wherever each is read.
	await page.goto('/hand-over/account');
	await expect(page.locator('[data-figure=mats]')).toContainText('1');
	await expect(page.locator('[data-figure=area]')).toContainText('1.6 m²');
	await page.goto(`/hand-over/mats/${mat}`);
	await expect(page.getByRole('main')).toContainText('Ferry kiosk');
	for (const [path, words] of [
		['/', 'Today'],
		['/season', routesWords.names.season()],
		['/measures', 'Measures'],
		['/know-how', 'Know-how']
	] as const) {
		await page.goto(path);
		await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
		await expect(page).toHaveTitle(new RegExp(words));
	}
});
