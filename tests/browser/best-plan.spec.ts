import * as seasonWords from '../../src/lib/words/season';
import { expect, expectAccessible, ready, test } from './app';
import { rows } from './table-world';

test.use({ world: 'demo' });
test.setTimeout(180_000);

test('the best plan is found beside the page, can be stopped, and each act is taken by one tap', async ({
	page,
	app
}) => {
	const say = seasonWords.BestPlanPage;
	await page.goto('/season');
	await page.locator('[data-best-plan]').click();
	await expect(page).toHaveURL(/\/season\/plan/);
	await page.getByRole('button', { name: say.stop() }).click();
	await expect(page.getByRole('button', { name: say.findIt() })).toBeVisible();
	await page.getByRole('button', { name: say.findIt() }).click();
	const [asIs, best] = [page.locator('[data-as-is]'), page.locator('[data-best]')];
	await expect(best).toBeVisible({ timeout: 90_000 });
	const before = Number(await asIs.getAttribute('data-as-is'));
	expect(Number(await best.getAttribute('data-best'))).toBeGreaterThan(before);
	await expectAccessible(page);
	// The forecast as it is is that of the season's page.
	const season = await page.request.get('/season');
	expect(await season.text()).toContain(`data-expected="${before}"`);

	const day = page.locator('[data-aim]').first();
	const on = (await day.getAttribute('data-aim')) ?? '';
	await day.getByRole('button').click();
	await expect(page.locator(`[data-aim="${on}"]`)).toHaveCount(0);
	expect(
		await rows(
			app,
			`select id from table_day where day = '${on}' and plan_id is not null and is_own`
		)
	).toHaveLength(1);

	const plan = page.locator('[data-plan]');
	await expect(best).toBeVisible({ timeout: 90_000 });
	const planId = (await plan.getAttribute('data-plan')) ?? '';
	await plan.getByRole('button').click();
	await expect(page.locator('[data-drop=next]')).toBeVisible();
	expect(await rows(app, 'select id from plan where is_next')).toEqual([{ id: planId }]);
	await page.locator('[data-drop=next]').click();
	await expect(page.locator('[data-drop=next]')).toHaveCount(0);
	expect(await rows(app, 'select id from plan where is_next')).toEqual([]);
});

test('who starts next is set and dropped again, and what is no act is refused', async ({
	page,
	app
}) => {
	await page.goto('/season/plan');
	await ready(page);
	const people = await rows<{ id: string }>(
		app,
		`select id from person where name is not null order by name limit 2`
	);
	const [first, second] = people.map(({ id }) => id);
	const post = (act: string, body: string) =>
		page.request.post(`/season/plan?/${act}`, {
			data: body,
			headers: {
				origin: new URL(page.url()).origin,
				'content-type': 'application/x-www-form-urlencoded',
				accept: 'text/html'
			}
		});
	await post('begin', `begin=${second}&later=${first}`);
	expect(
		await rows(
			app,
			`select id, begins_at as at, begins_later as later from person where begins_at is not null or begins_later order by begins_later`
		)
	).toEqual([
		{ id: second, at: 0, later: false },
		{ id: first, at: null, later: true }
	]);
	expect((await post('begin', 'begin=none')).status()).toBe(400);
	expect((await post('aim', 'day=none')).status()).toBe(400);
	expect((await post('next', 'plan=none')).status()).toBe(400);
	await post('begin', '');
	expect(
		await rows(app, 'select id from person where begins_at is not null or begins_later')
	).toEqual([]);
});
