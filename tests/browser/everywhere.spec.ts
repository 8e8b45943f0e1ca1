import * as checkWords from '../../src/lib/words/check';
import * as commonWords from '../../src/lib/words/common';
import * as gatherWords from '../../src/lib/words/gather';
import * as houseWords from '../../src/lib/words/house';
import * as planWords from '../../src/lib/words/plan';
import pg from 'pg';
import { startApp } from '../../scripts/lib/app.mjs';
import { freePort, startThrowawayCluster } from '../../scripts/lib/cluster.mjs';
import { ensureDatabase, migrate } from '../../scripts/lib/migrate.mjs';
import { choose, expect, expectAccessible, keep, openStep, ready, tally, test } from './app';

const steps = ['Size', 'Bag', 'Cut', 'Join', 'Technique', 'Finish'];
const techniques = ['crochet', 'peg-loom', 'twined', 'finger-bands'];
const views = ['Compare', 'What can I make?', 'Schools', planWords.PaperView.print()];

for (const colorScheme of ['light', 'dark'] as const) {
	test.describe(`in the ${colorScheme} theme`, () => {
		test.use({ colorScheme });
		// What is named and how it is built is the same in both: the dark one is asked about its colours.
		const changed = colorScheme === 'light' ? 'all' : 'colours';

		test('every step and technique of the bench is accessible', async ({ page }) => {
			test.slow();
			await page.goto('/plan');
			await ready(page);
			for (const step of steps) {
				await openStep(page, step);
				await expectAccessible(page, changed);
			}
			await openStep(page, 'Technique');
			for (const technique of techniques.slice(1)) {
				await choose(page, 'technique', technique);
				await expectAccessible(page, changed);
			}
		});

		test('everything beside the bench is accessible', async ({ page }) => {
			test.slow();
			await page.goto('/plan');
			await ready(page);
			await page.getByRole('button', { name: planWords.BallRow.addABall() }).click();
			await page.getByRole('button', { name: planWords.BenchActs.compareWithThis() }).click();
			await page.locator('[data-tally=hours] button').click();
			await expectAccessible(page, changed);
			for (const view of views) {
				await page.getByRole('button', { name: view, exact: true }).click();
				await page.waitForLoadState('networkidle');
				await expectAccessible(page, changed);
			}
			await page.getByRole('button', { name: planWords.PlanHead.keys() }).click();
			await keep(page, `Seen in ${colorScheme}`);
			await expectAccessible(page, changed);
			await page.goto('/plans');
			await page.getByText(`Change Seen in ${colorScheme}`, { exact: true }).click();
			await expectAccessible(page, changed);
			for (const other of ['/settings', '/people', '/links']) {
				await page.goto(other);
				await expectAccessible(page, changed);
			}
		});
	});
}

test('high contrast is chosen for this device, with or without scripts, and is accessible', async ({
	page
}) => {
	await page.goto('/settings');
	await page.locator('select[name=look]').selectOption('contrast');
	await page.getByRole('button', { name: houseWords.SettingsPage.saveForThisDevice() }).click();
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'contrast');
	await page.goto('/plan');
	await ready(page);
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'contrast');
	await expectAccessible(page);
});

test.describe('with a missing page', () => {
	test.use({ allowed: ['status of 404'] });
	test('the way back is shown', async ({ page }) => {
		const answer = await page.goto(`/plan/${crypto.randomUUID()}`);
		expect(answer?.status()).toBe(404);
		await expect(
			page.getByRole('link', { name: commonWords.HomeError.toTheKeptPlans() })
		).toBeVisible();
		await expectAccessible(page);
	});
});

test('a phone of 360 px shows every step without sideways scroll, with targets for a thumb', async ({
	page
}) => {
	test.slow();
	await page.setViewportSize({ width: 360, height: 740 });
	await page.goto('/plan');
	await ready(page);
	for (const step of steps) {
		const shown = await openStep(page, step);
		await expectAccessible(page, 'width');
		for (const control of await shown
			.locator('button:not(.term):visible, input.field:visible, select:visible')
			.all()) {
			expect((await control.boundingBox())?.height ?? 0).toBeGreaterThanOrEqual(44);
		}
	}
	await openStep(page, 'Technique');
	await choose(page, 'technique', 'peg-loom');
	await expectAccessible(page, 'width');
	for (const view of views) {
		await page.getByRole('button', { name: view, exact: true }).click();
		await page.waitForLoadState('networkidle');
		await expectAccessible(page, 'width');
	}
	await keep(page, 'From the phone');
	await page.goto('/plans');
	await expectAccessible(page, 'width');
});

test('the whole bench can be worked with the keyboard', async ({ page }) => {
	await page.goto('/plan');
	await ready(page);
	const before = await tally(page, 'toCollect').textContent();
	const focus = () =>
		page.evaluate(() => {
			const { activeElement: active, body } = document;
			return active && active !== body ? active.id || active.textContent.trim() : '';
		});
	const tabTo = async (wanted: string) => {
		for (let i = 0; i < 80 && !(await focus())?.includes(wanted); i++)
			await page.keyboard.press('Tab');
		expect(await focus()).toContain(wanted);
	};
	await tabTo('Size');
	await page.keyboard.press('Enter');
	await tabTo('mat_width');
	await page.keyboard.press('Control+a');
	await page.keyboard.type('70 cm');
	await expect(tally(page, 'toCollect')).not.toHaveText(`${before}`);
	await tabTo('name');
	await page.keyboard.type('By keyboard');
	await tabTo(planWords.BenchActs.savePlan());
	await page.keyboard.press('Enter');
	await expect(page.getByRole('status').filter({ hasText: 'Saved, version 1' })).toBeVisible();
});

test.describe('without scripts', () => {
	test.use({ javaScriptEnabled: false, allowed: ['status of 422'] });

	test('a plan is worked out, kept, found, renamed, deleted and brought back', async ({ page }) => {
		await page.goto('/plan');
		await (
			await openStep(page, planWords.Step.size())
		)
			.getByLabel(checkWords.CheckForm.width(), { exact: true })
			.fill('100 cm');
		const before = await tally(page, 'toCollect').textContent();
		await page.getByRole('button', { name: planWords.BenchActs.calculate() }).click();
		await expect(tally(page, 'toCollect')).not.toHaveText(`${before}`);
		await expect(page.locator('#mat_width')).toHaveValue('100 cm');

		await page.getByRole('button', { name: planWords.BenchActs.savePlan() }).click();
		await expect(page.locator('#name-problem')).toContainText('Give the plan a name');
		await expect(page.locator('#mat_width')).toHaveValue('100 cm');
		await page.getByLabel(planWords.PlanHead.nameOfThePlan()).fill('By hand');
		await page.getByRole('button', { name: planWords.BenchActs.savePlan() }).click();
		await expect(page.getByText('Saved, version 1')).toBeVisible();

		await page.getByRole('link', { name: houseWords.LinksPage.plans() }).click();
		const line = page.locator('[data-plan="By hand"]');
		await line.getByText(planWords.PlansPage.change()).first().click();
		await line.getByRole('button', { name: planWords.PlansPage.delete() }).click();
		await expect(line).toHaveCount(0);
		await page.getByRole('button', { name: gatherWords.SamePlaces.undo(), exact: true }).click();
		await expect(line).toHaveCount(1);
	});
});

test('every page carries the headers that keep others out', async ({ request }) => {
	for (const path of ['/plan', '/plans', '/api/plans']) {
		const headers = (await request.get(path)).headers();
		expect(headers['x-content-type-options']).toBe('nosniff');
		expect(headers['x-frame-options']).toBe('DENY');
		expect(headers['x-request-id']).toMatch(/^[0-9a-f-]{36}$/);
	}
	const policy = (await request.get('/plan')).headers()['content-security-policy'];
	expect(policy).toContain("default-src 'self'");
	expect(policy).toMatch(/script-src 'self' 'nonce-/);
	expect(policy).toContain("frame-ancestors 'none'");
});

test('while the database is away the app says so, and is well again by itself', async ({
	request
}) => {
	const cluster = await startThrowawayCluster();
	const databaseUrl = cluster.url('away');
	await ensureDatabase(databaseUrl);
	await migrate(databaseUrl);
	const app = await startApp({ databaseUrl, port: await freePort(), stdio: 'ignore' });
	const status = async (path: string) => (await request.get(app.address + path)).status();
	const form = { name: 'Unkept', lengths: 'cm' };
	try {
		expect(await status('/healthz')).toBe(200);
		process.kill(cluster.pid(), 'SIGKILL');
		await expect.poll(() => status('/healthz')).toBe(503);
		expect(await status('/plans')).toBe(503);
		expect(await status('/plan')).toBe(200);
		const kept = await request.post(`${app.address}/plans?/delete`, {
			form: { ...form, id: crypto.randomUUID() },
			headers: { origin: app.address, accept: 'text/html' }
		});
		expect(kept.status()).toBe(503);
		expect(await cluster.revive()).toBe(true);
		await expect.poll(() => status('/healthz')).toBe(200);
		expect(await status('/plans')).toBe(200);
		const client = new pg.Client({ connectionString: databaseUrl });
		await client.connect();
		expect((await client.query('select 1 as one')).rows).toEqual([{ one: 1 }]);
		await client.end();
	} finally {
		await app.stop();
		await cluster.stop();
	}
});
