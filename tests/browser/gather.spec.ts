import * as routesWords from '../../src/lib/words/routes';
import * as commonWords from '../../src/lib/words/common';
import * as gatherWords from '../../src/lib/words/gather';
import * as makerWords from '../../src/lib/words/maker';
import * as prepareWords from '../../src/lib/words/prepare';
import pg from 'pg';
import { expect, expectAccessible, ready, test, goOffline } from './app';
import { sendWhileKilled } from './killed';

test.use({ world: 'gather' });

test.describe('bags that come in', () => {
	test('are weighed on a scale that settles, tares and can be unplugged, and counted', async ({
		page
	}) => {
		await page.goto('/gather');
		await ready(page);
		await page
			.getByLabel(gatherWords.DropOffForm.from(), { exact: true })
			.fill('Bus depot canteen');
		await page.locator('label:has([name=method][value=weight])').click();
		await page.getByRole('button', { name: gatherWords.ScalePanel.tryAPracticeScale() }).click();
		const scale = page.locator('[data-scale]');
		await expect(page.getByText(gatherWords.ScalePanel.steady(), { exact: true })).toBeVisible();
		await page.getByLabel('On the scale, g').fill('52.4');
		await page.getByRole('button', { name: gatherWords.StandInScale.putItOn() }).click();
		await expect(page.getByText(gatherWords.ScalePanel.steady(), { exact: true })).toBeVisible();
		await expect(scale).toHaveText(/^52\.[2-7] g$/);
		await page.getByRole('button', { name: gatherWords.ScalePanel.aHandful() }).click();
		await expect(page.getByLabel('Handfuls weighed, g')).toHaveValue(/^52\.\d$/);
		await page.getByRole('button', { name: gatherWords.StandInScale.tare() }).click();
		await expect(scale).toHaveText(/^-?0\.\d g$/);
		await page.getByLabel('On the scale, g').fill('9000');
		await page.getByRole('button', { name: gatherWords.StandInScale.putItOn() }).click();
		await expect(scale).toHaveText(gatherWords.ScalePanel.tooHeavy());
		await expect(
			page.getByRole('button', { name: gatherWords.ScalePanel.fullBox() })
		).toBeDisabled();
		await page.getByRole('button', { name: gatherWords.StandInScale.pullThePlug() }).click();
		await expect(scale).toHaveText('unplugged');

		await page.getByLabel(gatherWords.DropOffForm.fullBoxWeighs()).fill('2.9 kg');
		await page.getByLabel(gatherWords.DropOffForm.emptyBoxWeighs()).fill('300 g');
		await page.getByLabel('Handfuls weighed, g').fill('52 51 54 53');
		await expect(page.locator('[data-count]')).toContainText(/49\d bags/);
		await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
		await expect(page.getByText('Saved: bags from Bus depot canteen.')).toBeVisible();
		await expect(
			page.locator('[data-lately]').filter({ hasText: 'Bus depot canteen' }).first()
		).toContainText('49');
	});

	test('say at the field what is wrong, and keep what was typed', async ({ page }) => {
		await page.goto('/gather');
		await ready(page);
		await page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true }).fill('many');
		await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
		await expect(page.locator('#drop-off-place-problem')).toHaveText(
			commonWords.formReader.pleaseFillThisIn()
		);
		await expect(page.locator('#drop-off-bags-problem')).toContainText(
			'“many” is not a whole number'
		);
		await expect(page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true })).toHaveValue(
			'many'
		);
	});

	test('wait on the device while the network is away, and go up once when it is back', async ({
		page,
		context
	}) => {
		await page.goto('/gather');
		await ready(page);
		await goOffline(page);
		for (const bags of ['40', '60']) {
			await page.getByLabel(gatherWords.DropOffForm.from(), { exact: true }).fill('Allotment shop');
			await page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true }).fill(bags);
			await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
			await expect(page.getByText(prepareWords.trestle.waitingOnThisDevice())).toBeVisible();
		}
		await expect(page.getByText('2 entries wait on this device')).toBeVisible();
		await context.setOffline(false);
		await expect(page.getByText('entries wait on this device')).toHaveCount(0, { timeout: 15_000 });
		await expect(page.locator('[data-source="Allotment shop"]')).toContainText('50');
	});
});

test('an entry that is refused after it waited is put right in its form', async ({
	page,
	context
}) => {
	await page.goto('/gather/store?table=yes');
	await ready(page);
	await goOffline(page);
	await page.getByLabel(gatherWords.LineHistory.howMuch()).fill('7000');
	await page.getByLabel(gatherWords.KindColour.colour(), { exact: true }).selectOption('brown');
	await page.getByRole('button', { name: gatherWords.MovementForm.saveMovement() }).click();
	await expect(page.getByText('1 entry waits on this device')).toBeVisible();
	await expect(page.getByText('Waiting on this device: 7000 brown')).toBeVisible();
	await context.setOffline(false);
	await expect(page.getByText('Not saved:')).toBeVisible({ timeout: 15_000 });
	await page.getByRole('link', { name: routesWords.names.sorting() }).click();
	await expect(page.getByText('Not saved:')).toBeVisible();
	await page.getByRole('link', { name: commonWords.WaitingList.correctIt() }).click();
	await expect(page.locator('#movement-amount-problem')).toContainText(
		gatherWords.ledger.thereIsNotThatMuch()
	);
	await expect(page.getByLabel(gatherWords.LineHistory.howMuch())).toHaveValue('7000');
	await page.getByLabel(gatherWords.MovementForm.direction()).selectOption('in');
	await page.getByLabel(gatherWords.LineHistory.howMuch()).fill('7');
	await page.getByRole('button', { name: gatherWords.MovementForm.saveMovement() }).click();
	await page.getByRole('link', { name: gatherWords.StoreTable.showAsATable() }).click();
	await expect(page.locator('tr[data-line$="brown bag"] [data-amount]')).toHaveText('7');
	await expect(page.getByText('Not saved:')).toHaveCount(0);
});
test.use({ allowed: ['net::ERR_INTERNET_DISCONNECTED'] });

test('bags are sorted into the store, moved out, never below nothing, and taken back with a reason', async ({
	page
}) => {
	await page.goto('/gather/sort');
	await ready(page);
	await page.getByLabel(gatherWords.SortingForm.bagsFrom()).fill('Ferry kiosk');
	await page.getByLabel(gatherWords.KindColour.colour()).selectOption('green');
	await page.getByLabel(gatherWords.SortingForm.goodForStrand()).fill('120');
	await page.getByLabel(gatherWords.SortingForm.stuffingOnly()).fill('9');
	await page.getByLabel(gatherWords.SortingForm.drying()).fill('6');
	await page.getByRole('button', { name: gatherWords.SortingForm.intoTheStore() }).click();
	const pile = page.locator('[data-pile]');
	await expect(pile).toContainText(/, green: 6 from Ferry kiosk/);
	await page.getByLabel(gatherWords.SortingForm.bagsFrom()).fill('Allotment shop');
	await pile.getByRole('link', { name: gatherWords.DryingPiles.sortThem() }).click();
	await expect(page.getByLabel(gatherWords.SortingForm.bagsFrom())).toHaveValue('Ferry kiosk');
	await page.getByLabel(gatherWords.SortingForm.stuffingOnly()).fill('7');
	await page.getByRole('button', { name: gatherWords.SortingForm.intoTheStore() }).click();
	await expect(page.locator('#sorting-strand-problem')).toContainText('Only 6 hang there');
	await expect(page.getByLabel(gatherWords.SortingForm.stuffingOnly())).toHaveValue('7');
	await expect(page.getByText(makerWords.MakerPage.notSaved2())).toHaveCount(0);
	await page.getByLabel(gatherWords.SortingForm.stuffingOnly()).fill('4');
	await page.getByRole('button', { name: gatherWords.SortingForm.intoTheStore() }).click();
	await expect(pile).toContainText('2 from Ferry kiosk');
	await pile.getByRole('button', { name: gatherWords.DryingPiles.noneLeft() }).click();
	await expect(pile).toContainText('none left since');
	await pile.getByRole('button', { name: gatherWords.DryingPiles.theyAreThere() }).click();
	await pile.getByRole('button', { name: gatherWords.DryingPiles.noneLeft() }).click();
	await expect(pile).toContainText('none left since');

	await page.getByRole('link', { name: routesWords.names.store(), exact: true }).click();
	await page.getByRole('link', { name: gatherWords.StoreTable.showAsATable() }).click();
	const line = page.locator('tr[data-line$="green bag"]');
	await expect(line.locator('[data-amount]')).toHaveText('120');
	await page.getByLabel(gatherWords.KindColour.kind(), { exact: true }).selectOption({ index: 0 });
	await page.getByLabel(gatherWords.KindColour.colour(), { exact: true }).selectOption('green');
	await page.getByLabel(gatherWords.LineHistory.howMuch()).fill('200');
	await page.getByRole('button', { name: gatherWords.MovementForm.saveMovement() }).click();
	await expect(page.locator('#movement-amount-problem')).toContainText(
		gatherWords.ledger.thereIsNotThatMuch()
	);
	await page.getByLabel(gatherWords.LineHistory.howMuch()).fill('50');
	await page.getByRole('button', { name: gatherWords.MovementForm.saveMovement() }).click();
	await expect(line.locator('[data-amount]')).toHaveText('70');

	await line.getByRole('link', { name: gatherWords.StoreTable.history() }).click();
	await page
		.getByRole('link', { name: gatherWords.LineHistory.undo(), exact: true })
		.first()
		.click();
	await page.getByLabel(commonWords.EntryForm.whyOptional()).fill('counted the wrong pile');
	await page
		.locator('#take-back')
		.getByRole('button', { name: commonWords.TakeBack.undo(), exact: true })
		.click();
	await expect(line.locator('[data-amount]')).toHaveText('120');
	await expect(page.getByText('counted the wrong pile')).toBeVisible();
	await expectAccessible(page);
});

test('what came in and what was sorted is taken back with a reason, and counts no more', async ({
	page
}) => {
	await page.goto('/gather');
	await ready(page);
	await page.getByLabel(gatherWords.DropOffForm.from(), { exact: true }).fill('Rowing club bar');
	await page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true }).fill('2890');
	await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
	const place = page.locator('[data-source="Rowing club bar"]');
	await expect(place).toContainText('2,890');
	await page.locator('summary').filter({ hasText: gatherWords.GatherPage.allAsATable() }).click();
	await page.getByRole('link', { name: /Undo.*2.890 bags from Rowing club bar/ }).click();
	await page.getByLabel(commonWords.EntryForm.whyOptional()).fill('one nought too many');
	await page
		.locator('#take-back')
		.getByRole('button', { name: commonWords.TakeBack.undo(), exact: true })
		.click();
	await expect(page.getByText('one nought too many')).toBeVisible();
	await expect(place).not.toContainText('2,890');

	await page.getByRole('link', { name: routesWords.names.sorting() }).click();
	// Something stays in the store, whichever tests went before.
	await page.getByLabel(gatherWords.SortingForm.bagsFrom()).fill('Rowing club bar');
	await page.getByLabel(gatherWords.KindColour.colour()).selectOption('green');
	await page.getByLabel(gatherWords.SortingForm.goodForStrand()).fill('30');
	await page.getByRole('button', { name: gatherWords.SortingForm.intoTheStore() }).click();
	await expect(page.getByText('green sorted from Rowing club bar').first()).toBeVisible();
	await page.getByLabel(gatherWords.SortingForm.bagsFrom()).fill('Rowing club bar');
	await page.getByLabel(gatherWords.KindColour.colour()).selectOption('red');
	await page.getByLabel(gatherWords.SortingForm.rejected()).fill('210');
	await page.getByLabel(gatherWords.SortingForm.goodForStrand()).fill('40');
	await page.getByRole('button', { name: gatherWords.SortingForm.intoTheStore() }).click();
	await page.getByRole('link', { name: /Undo.*red sorted from Rowing club bar/ }).click();
	await expectAccessible(page);
	await page.getByLabel(commonWords.EntryForm.whyOptional()).fill('21, not 210');
	await page
		.locator('#take-back')
		.getByRole('button', { name: commonWords.TakeBack.undo(), exact: true })
		.click();
	await expect(page.getByText('21, not 210')).toBeVisible();
	await page.getByRole('link', { name: routesWords.names.store(), exact: true }).click();
	await page.getByRole('link', { name: gatherWords.StoreTable.showAsATable() }).click();
	await expect(page.locator('tr[data-line*="green"]').first()).toBeVisible();
	await expect(page.locator('tr[data-line*="red"]')).toHaveCount(0);
});

test('bags of a pile that someone else has sorted meanwhile are asked about', async ({
	page,
	request
}) => {
	await page.goto('/gather/sort');
	await ready(page);
	const kind = await page.getByLabel(gatherWords.KindColour.kind(), { exact: true }).inputValue();
	const sort = async (typed: Record<string, string>) => {
		const entry = { key: crypto.randomUUID(), type: 'sorting' };
		const all = { place: 'Slipway stall', kind, colour: 'orange', ...typed };
		const answer = await request.post('/api/entries', {
			data: { entries: [{ ...entry, typed: all }] }
		});
		return ((await answer.json()) as { answers: { id: number }[] }).answers[0]?.id ?? 0;
	};
	const id = await sort({ drying: '5' });
	await page.reload();
	await ready(page);
	await page
		.locator(`[data-pile="${id}"]`)
		.getByRole('link', { name: gatherWords.DryingPiles.sortThem() })
		.click();
	await expect(page.getByLabel(gatherWords.KindColour.colour())).toHaveValue('orange');
	await sort({ strand: '5', dried: String(id) });
	await page.getByLabel(gatherWords.SortingForm.goodForStrand()).fill('4');
	await page.getByRole('button', { name: gatherWords.SortingForm.intoTheStore() }).click();
	await expect(page.getByRole('alert')).toContainText(gatherWords.sortings.thatPileIsNotDrying());
	await expect(page.getByLabel(gatherWords.SortingForm.goodForStrand())).toHaveValue('4');
	await page.getByRole('button', { name: gatherWords.SortingForm.sortTheseAsBagsThat() }).click();
	await expect(page.getByRole('alert')).toHaveCount(0);
	await page.getByRole('link', { name: routesWords.names.store(), exact: true }).click();
	await page.getByRole('link', { name: gatherWords.StoreTable.showAsATable() }).click();
	await expect(page.locator('tr[data-line$="orange bag"] [data-amount]')).toHaveText('9');
});

test('every page of Gather is accessible, on a phone as well', async ({ page }) => {
	await page.setViewportSize({ width: 360, height: 740 });
	const parts = ['', '/sort', '/store', '/asks', '/kinds', '/lists'];
	for (const path of [...parts.map((part) => `/gather${part}`), '/measures']) {
		await page.goto(path);
		await ready(page);
		await expectAccessible(page);
	}
});

test('an app killed in the middle of 200 entries has kept every one it acknowledged, once', async ({
	app,
	request
}) => {
	const kinds = new pg.Client({ connectionString: app.databaseUrl });
	await kinds.connect();
	const { rows } = await kinds.query<{ id: string; group_id: string }>(
		'select id, group_id from bag_kind order by created_at, name limit 1'
	);
	const kind = rows[0]?.id ?? '';
	const entries = Array.from({ length: 200 }, (_, at) => ({
		key: crypto.randomUUID(),
		type: 'movement',
		typed: {
			kind,
			colour: 'pink',
			form: 'bag',
			direction: 'in',
			amount: String(1 + (at % 7)),
			reason: 'counted'
		}
	}));
	const kept = async () =>
		new Set(
			(
				await kinds.query<{ key: string }>(
					`select e.key from entry e join movement m on m.entry_id = e.id and m.holder = 'store'
					 join line l on l.id = m.line_id where l.colour = 'pink'`
				)
			).rows.map(({ key }) => key)
		);
	await sendWhileKilled(app, request, entries, 40, kept);
	const sums = await kinds.query<{ ledger: string; balance: string }>(
		`select (select sum(amount) from movement m join line l on l.id = m.line_id
				where l.colour = 'pink' and m.holder = 'store') as ledger,
			(select sum(amount) from balance b join line l on l.id = b.line_id
				where l.colour = 'pink' and b.holder = 'store') as balance`
	);
	const wanted = entries.reduce((sum, { typed }) => sum + Number(typed.amount), 0);
	expect([Number(sums.rows[0]?.ledger), Number(sums.rows[0]?.balance)]).toEqual([wanted, wanted]);
	await kinds.end();
});
