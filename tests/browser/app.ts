import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type Page } from '@playwright/test';
import { startApp } from '../../scripts/lib/app.mjs';
import { freePort } from '../../scripts/lib/cluster.mjs';
import { ensureDatabase, migrate } from '../../scripts/lib/migrate.mjs';

/** The built application on a database of its own, one for each worker. */
export interface App {
	address: string;
	databaseUrl: string;
	/** Ends the process and starts another on the same address and database. */
	restart: (signal?: 'SIGTERM' | 'SIGKILL') => Promise<void>;
}

interface Fixtures {
	/** What may be said on the console of this test, as parts of the message. */
	allowed: string[];
}

/** Which database a file works on: files that change what the group knows have one of their own. */
interface World {
	world: string;
}

export const test = base.extend<Fixtures & { watched: void }, World & { app: App }>({
	world: ['plans', { option: true, scope: 'worker' }],
	app: [
		async ({ world }, use) => {
			const server = process.env.TEST_DATABASE_SERVER;
			if (!server) throw new Error('Browser tests need the server that "npm test" starts.');
			const url = new URL(server);
			url.pathname = `/browser_${world}_${crypto.randomUUID().replaceAll('-', '')}`;
			await ensureDatabase(url.href);
			await migrate(url.href);
			const settings = { databaseUrl: url.href, port: await freePort(), stdio: 'ignore' as const };
			let running = await startApp(settings);
			await use({
				address: running.address,
				databaseUrl: url.href,
				async restart(signal = 'SIGTERM') {
					if (signal === 'SIGKILL') running.child.kill('SIGKILL');
					await running.stop();
					running = await startApp(settings);
				}
			});
			await running.stop();
		},
		{ scope: 'worker' }
	],
	baseURL: async ({ app }, use) => use(app.address),
	allowed: [[], { option: true }],
	watched: [
		async ({ page, app, allowed }, use) => {
			const said: string[] = [];
			page.on('console', (message) => {
				if (message.type() === 'error' && !allowed.some((part) => message.text().includes(part))) {
					said.push(message.text());
				}
			});
			page.on('pageerror', (error) => said.push(String(error)));
			page.on('request', (request) => {
				if (!/^(data|blob):/.test(request.url()) && !request.url().startsWith(app.address)) {
					said.push(`a request left for ${request.url()}`);
				}
			});
			await use();
			expect(said, 'console errors and requests that left the origin').toEqual([]);
		},
		{ auto: true }
	]
});

export { expect };

/** One figure of the tally as it is shown. */
export const tally = (page: Page, name: string) =>
	page.locator(`[data-tally=${name}] [data-figure]`);

/** Waits until the page's scripts have taken over its forms. */
export const ready = (page: Page) => page.locator('html[data-scripts=on]').waitFor();

/** Opens a step of the bench by its name. */
export async function openStep(page: Page, name: string) {
	const step = page
		.locator('details[name=step]')
		.filter({ has: page.getByRole('heading', { name, exact: true }) });
	if ((await step.getAttribute('open')) === null) await step.locator('summary').click();
	return step;
}

/** Makes one choice of a row of choices, by its field and value. */
export const choose = (page: Page, field: string, value: string) =>
	page.locator(`label:has(input[name="${field}"][value="${value}"])`).click();

/** Keeps the bench's plan under a name and waits until it is kept. */
export async function keep(page: Page, name: string) {
	await page.getByLabel('Name of the plan').fill(name);
	await page.getByRole('button', { name: 'Keep this plan' }).click();
	await expect(page.getByRole('status').filter({ hasText: 'Kept, version' })).toBeVisible();
}

/** Fails on any fault axe finds and on any sideways scroll. */
export async function expectAccessible(page: Page) {
	const { violations } = await new AxeBuilder({ page }).analyze();
	expect(
		violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`)
	).toEqual([]);
	const overflow = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
	expect(overflow, 'sideways scroll').toBeLessThanOrEqual(0);
}
