import * as planWords from '../../src/lib/words/plan';
import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type Page } from '@playwright/test';
import { startApp } from '../../scripts/lib/app.mjs';
import { freePort } from '../../scripts/lib/cluster.mjs';
import { readyDatabase } from '../ready-database';

/** The built application on a database of its own. */
export interface App {
	address: string;
	databaseUrl: string;
	/** Ends the process and starts another on the same address and database. */
	restart: (signal?: 'SIGTERM' | 'SIGKILL') => Promise<void>;
}

/** Which database a file works on: files that change what the group knows have one of their own. */
interface World {
	world: string;
	/** Whether people sign in, as they do where others can reach it. */
	signsIn: boolean;
}

interface Fixtures extends World {
	/** What may be said on the console of this test, as parts of the message. */
	allowed: string[];
	app: App;
	watched: void;
}

/** Of one browser process: the applications that its files asked for. */
interface Shared {
	apps: (world: string, signsIn?: boolean) => Promise<App>;
}

/** Starts the application of a world. */
async function startWorld(world: string, signsIn: boolean) {
	const server = process.env.TEST_DATABASE_SERVER;
	if (!server) throw new Error('Browser tests need the server that "npm test" starts.');
	const name = `browser_${world}_${crypto.randomUUID().replaceAll('-', '')}`;
	const databaseUrl = await readyDatabase(server, name, world === 'demo' ? 'demo' : 'empty');
	const port = await freePort();
	// A name and no number: passkeys belong to names.
	const origin = `http://${signsIn ? 'localhost' : '127.0.0.1'}:${port}`;
	const env = signsIn
		? { NEST_ROW_SIGN_IN: 'yes', NEST_ROW_SECRET: 'a secret of the tests, and of no other' }
		: {};
	const settings = { databaseUrl, port, origin, env, stdio: 'ignore' as const };
	let running = await startApp(settings);
	return {
		address: origin,
		databaseUrl,
		async restart(signal: 'SIGTERM' | 'SIGKILL' = 'SIGTERM') {
			if (signal === 'SIGKILL') running.child.kill('SIGKILL');
			await running.stop();
			running = await startApp(settings);
		},
		stop: () => running.stop()
	};
}

export const test = base.extend<Fixtures, Shared>({
	world: ['plans', { option: true }],
	signsIn: [false, { option: true }],
	apps: [
		async ({ browserName: _ }, use) => {
			const given = process.env.NEST_ROW_WALK_AT;
			const started = new Map<string, Awaited<ReturnType<typeof startWorld>>>();
			await use(async (world, signsIn = false) => {
				if (given !== undefined)
					return {
						address: given,
						databaseUrl: process.env.DATABASE_URL ?? '',
						restart: () => Promise.reject(new Error('it was started by another'))
					};
				const known = started.get(world);
				if (known) return known;
				const app = await startWorld(world, signsIn);
				started.set(world, app);
				return app;
			});
			await Promise.all([...started.values()].map((app) => app.stop()));
		},
		{ scope: 'worker' }
	],
	app: async ({ apps, world, signsIn }, use) => use(await apps(world, signsIn)),
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

/** Waits until a page asks for nothing more: a first visit still says where the hall is. */
export const quiet = (page: Page) => page.waitForLoadState('networkidle');

/** Takes the network from a device, once its tabs ask for nothing more. */
export async function goOffline(...tabs: Page[]): Promise<void> {
	for (const tab of tabs) await quiet(tab);
	await tabs[0]?.context().setOffline(true);
}

/** Opens a step of the bench by its name. */
/** Changes units or stitch names under More, and comes back to the page as it was left. */
export async function change(page: Page, what: 'lengths' | 'terms') {
	// What is typed is laid by a moment after the last key.
	await page.waitForTimeout(400);
	const at = page.url();
	await page.goto(new URL('/more', at).href);
	await ready(page);
	const button = page.locator(`button[name=${what}]`);
	const before = await button.getAttribute('aria-label');
	await button.click();
	await expect(button).not.toHaveAttribute('aria-label', before ?? '');
	await page.goto(at);
	await ready(page);
}

export async function openStep(page: Page, name: string) {
	const step = page
		.locator('details[name=step]')
		.filter({ has: page.getByRole('heading', { name, exact: true }) });
	if ((await step.getAttribute('open')) === null) await step.locator('> summary').click();
	return step;
}

/** Makes one choice of a row of choices, by its field and value. */
export const choose = (page: Page, field: string, value: string) =>
	page.locator(`label:has(input[name="${field}"][value="${value}"])`).click();

/** Keeps the bench's plan under a name and waits until it is kept. */
export async function keep(page: Page, name: string) {
	await page.getByLabel(planWords.PlanHead.nameOfThePlan()).fill(name);
	await page.getByRole('button', { name: planWords.BenchActs.savePlan() }).click();
	await expect(page.getByRole('status').filter({ hasText: 'Saved, version' })).toBeVisible();
}

/** Fails on any fault axe finds and on any sideways scroll; where only colours or the width changed, on what these could change. */
export async function expectAccessible(page: Page, changed: 'all' | 'colours' | 'width' = 'all') {
	// No page has frames: the whole is looked at in the page itself, without another page for the sum.
	const axe = new AxeBuilder({ page }).setLegacyMode();
	if (changed === 'colours') axe.withRules(['color-contrast', 'link-in-text-block']);
	if (changed === 'width') axe.withRules(['scrollable-region-focusable', 'meta-viewport']);
	const { violations } = await axe.analyze();
	expect(
		violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`)
	).toEqual([]);
	const overflow = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
	expect(overflow, 'sideways scroll').toBeLessThanOrEqual(0);
}
