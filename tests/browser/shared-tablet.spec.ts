import * as gatherWords from '../../src/lib/words/gather';
import * as houseWords from '../../src/lib/words/house';
import * as planWords from '../../src/lib/words/plan';
import * as tableDayWords from '../../src/lib/words/table-day';
import { permissions } from '../../src/lib/server/auth/permissions';
import { actAsked } from '../../src/lib/ui/offers';
import { mayAs } from '../../src/lib/server/base/roles';
import { expect, goOffline, ready, test } from './app';
import { rows } from './table-world';
import { theCoordinator } from './visitor';

test.use({
	world: 'house',
	signsIn: true,
	serviceWorkers: 'allow',
	allowed: ['status of 4', 'ERR_INTERNET_DISCONNECTED', 'Failed to fetch', 'Failed to load']
});

test('after signing out Back shows nothing of what was there, and no browser keeps it', async ({
	app,
	context
}) => {
	const wren = await theCoordinator(app);
	for (const path of ['/people', '/gather/__data.json', '/hand-over/mats.csv', '/everything.zip'])
		expect([path, (await wren.ask(path)).headers.get('cache-control')]).toEqual([path, 'no-store']);
	await wren.ask('/people?/add', { form: { name: 'Tamsin Alder', key: crypto.randomUUID() } });
	await wren.lend(context);
	const page = await context.newPage();
	await page.goto(`${app.address}/people`);
	await ready(page);
	await expect(page.getByText('Tamsin Alder').first()).toBeVisible();
	await page.goto(`${app.address}/account`);
	await ready(page);
	await page.getByRole('button', { name: houseWords.AccountPage.signOutHere() }).click();
	await expect(page).toHaveURL(/\/sign-in/);
	for (let back = 0; back < 2; back++) {
		await page.goBack();
		await expect(page.getByText('Tamsin Alder')).toHaveCount(0);
	}
	await page.goto(`${app.address}/people`);
	await expect(page).toHaveURL(/\/sign-in/);
	const out = await (await theCoordinator(app)).ask('/account?/out', { form: {} });
	expect(out.headers.get('clear-site-data')).toBe('"cache"');
});

test('what one typed waits for them, holds up nobody else, and goes up under their name only', async ({
	app,
	context
}) => {
	test.slow();
	const wren = await theCoordinator(app);
	const helper = await wren.letIn('helper', `Tansy${Date.now()}`);
	await wren.lend(context);
	const page = await context.newPage();
	await page.goto(`${app.address}/prepare/days`);
	await ready(page);
	// Laid by whole, so that it is there again without network.
	await expect
		.poll(() =>
			page.evaluate(
				async () =>
					navigator.serviceWorker.controller !== null &&
					(await caches.match('/prepare/days', { cacheName: 'laid pages' }))?.status
			)
		)
		.toBe(200);
	await goOffline(page);
	await page
		.locator('#new-day')
		.getByLabel(gatherWords.DropOffForm.on(), { exact: true })
		.fill('2099-11-05');
	await page
		.locator('#new-day')
		.getByLabel(tableDayWords.PrepareDaysPage.where())
		.fill('Shed of the tablet');
	await page.getByRole('button', { name: tableDayWords.PrepareDaysPage.addTheDay() }).click();
	await expect(page.getByText(/waits? on this device/).first()).toBeVisible();
	await context.clearCookies();
	await helper.lend(context);
	await context.setOffline(false);
	// The form's own page may be on its way still.
	await expect(() => page.goto(`${app.address}/gather`)).toPass();
	await ready(page);
	await expect(page.locator('[data-others="1"]')).toContainText('must sign in here');
	await page.getByLabel(gatherWords.DropOffForm.from(), { exact: true }).fill('Tablet kiosk');
	await page.getByLabel(gatherWords.DropOffForm.bags(), { exact: true }).fill('30');
	await page.getByRole('button', { name: gatherWords.DropOffForm.save(), exact: true }).click();
	await expect(
		page.getByRole('status').filter({ hasText: planWords.PlansPage.saved() }).first()
	).toBeVisible();
	expect(await rows(app, `select id from table_day where place = 'Shed of the tablet'`)).toEqual(
		[]
	);
	await context.clearCookies();
	await (await theCoordinator(app)).lend(context);
	await page.goto(`${app.address}/gather`);
	await ready(page);
	await expect
		.poll(() => rows(app, `select id from table_day where place = 'Shed of the tablet'`), {
			timeout: 30_000
		})
		.toHaveLength(1);
});

test('what a helper or a reader may not do is offered to them on no page', async ({
	app,
	context
}) => {
	test.slow();
	const wren = await theCoordinator(app);
	for (const role of ['helper', 'reader'] as const) {
		const visitor = await wren.letIn(role, `Gus${role}${Date.now()}`);
		await context.clearCookies();
		await visitor.lend(context);
		const page = await context.newPage();
		for (const path of [
			'/gather',
			'/gather/asks',
			'/gather/kinds',
			'/gather/sort',
			'/hand-over',
			'/hand-over/asks',
			'/make',
			'/measures',
			'/people',
			'/plans',
			'/prepare/days',
			'/settings'
		]) {
			await page.goto(app.address + path);
			await ready(page);
			const shown = await page.evaluate(() =>
				[...document.querySelectorAll('form')]
					.filter((form) => form.method === 'post' && form.checkVisibility())
					.map((form) => form.getAttribute('action') ?? '')
			);
			const wrong = shown.filter((action) => {
				const needed = permissions[actAsked(action, path) ?? '']?.by;
				return needed !== undefined && needed !== 'guest' && !mayAs(role, needed);
			});
			expect([role, path, wrong]).toEqual([role, path, []]);
		}
		await page.close();
	}
});
