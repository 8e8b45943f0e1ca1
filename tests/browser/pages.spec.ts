// Every page of the application once, as the demo world fills it and a coordinator sees it: it opens, keeps to its
// width, says no fault on the console, and an axe finds none.
import { expect, expectAccessible, ready, test } from './app';
import { pageRoutes as routes } from '../routes';
import { theCoordinator, type Visitor } from './visitor';

test.use({ world: 'demo', signsIn: true });
// Two workers go through them, each with a house of its own.
test.describe.configure({ mode: 'parallel' });

/** The first address on a page that has a form. */
async function addressOn(wren: Visitor, page: string, form: RegExp): Promise<string> {
	const [, found = ''] =
		new RegExp(`href="(${form.source})["?#]`).exec((await wren.ask(page)).text) ?? [];
	if (found === '') throw new Error(`${page} leads to no ${form.source}`);
	return found;
}

/** The link that is made by a form, as a path. */
async function linkBy(
	wren: Visitor,
	act: string,
	form: Readonly<Record<string, string>>
): Promise<string> {
	const { text } = await wren.ask(act, { form: { ...form, key: crypto.randomUUID() } });
	const [found = ''] = /\/(?:a|h|l|s|join)\/[\w-]{64}/.exec(text) ?? [];
	if (found === '') throw new Error(`${act} made no link`);
	return found;
}

/** One address of each route that is of one thing among many. */
const addressOf: Readonly<Record<string, (wren: Visitor) => Promise<string>>> = {
	'/a/[address]': (wren) => linkBy(wren, '/links?/open', { opens: 'asks' }),
	'/check/[code]': (wren) => addressOn(wren, '/check', /\/check\/[2-9A-Z]{5}/),
	'/gather/lists/[id=uuid]': async (wren) =>
		(
			await wren.ask('/gather/lists?/bring', {
				form: {
					key: crypto.randomUUID(),
					list: 'drop-offs',
					pasted: 'Place,On,Bags\nFerry kiosk,2026-11-19,40\n'
				}
			})
		).to ?? '',
	'/hand-over/deliveries/[code]': (wren) =>
		addressOn(wren, '/hand-over', /\/hand-over\/deliveries\/[2-9A-Z]{5}/),
	'/hand-over/mats/[code]': (wren) =>
		addressOn(wren, '/hand-over', /\/hand-over\/mats\/[2-9A-Z]{5}/),
	'/h/[address]': (wren) => linkBy(wren, '/photo?/link', {}),
	'/join/[address]': (wren) => linkBy(wren, '/members?/invite', { role: 'reader' }),
	'/know-how/[act]': async () => '/know-how/spiral',
	'/l/[address]': async (wren) => {
		const [, plan = ''] = (await addressOn(wren, '/plans', /\/plan\/[0-9a-f-]{36}/)).split(
			'/plan/'
		);
		return linkBy(wren, '/links?/make', { plan });
	},
	'/make/[code]': (wren) => addressOn(wren, '/make', /\/make\/[2-9A-Z]{5}/),
	'/plan/[id=uuid]': (wren) => addressOn(wren, '/plans', /\/plan\/[0-9a-f-]{36}/),
	'/prepare/days/[id]': (wren) =>
		addressOn(wren, '/prepare/days', /\/prepare\/days\/[0-9a-f-]{36}/),
	'/prepare/days/[id]/[station]': async (wren) =>
		`${await addressOn(wren, '/prepare/days', /\/prepare\/days\/[0-9a-f-]{36}/)}/join`,
	'/prepare/days/[id]/wall': async (wren) =>
		`${await addressOn(wren, '/prepare/days', /\/prepare\/days\/[0-9a-f-]{36}/)}/wall`,
	'/prepare/things/[code]': (wren) =>
		addressOn(wren, '/prepare/balls', /\/prepare\/things\/[2-9A-Z]{5}/),
	'/s/[address]': async (wren) => {
		const [, day = ''] = (
			await addressOn(wren, '/prepare/days', /\/prepare\/days\/[0-9a-f-]{36}/)
		).split('/days/');
		return linkBy(wren, '/links?/open', { opens: 'station', day, station: 'cut' });
	}
};

/** Opened by whoever is signed in they lead elsewhere: they are looked at by a guest. */
const forGuests = ['/sign-in', '/sign-in/anew', '/sign-in/forgot', '/welcome', '/join/[address]'];

for (const half of [0, 1])
	test(`every page opens, keeps to its width and has no fault an axe finds, half ${half + 1} of 2`, async ({
		app,
		browser
	}) => {
		test.slow();
		const wren = await theCoordinator(app);
		const own = await browser.newContext({ baseURL: app.address });
		await wren.lend(own);
		const [page, guest] = [
			await own.newPage(),
			await (await browser.newContext({ baseURL: app.address })).newPage()
		];
		const wrong: string[] = [];
		for (const one of [page, guest]) {
			one.on('pageerror', (error) => wrong.push(String(error)));
			one.on('console', (said) => {
				if (said.type() === 'error') wrong.push(`${one.url()}: ${said.text()}`);
			});
		}
		for (const route of routes.filter((_, at) => at % 2 === half)) {
			const address = route.includes('[') ? await addressOf[route]?.(wren) : route;
			expect(address, `an address of ${route}`).toBeTruthy();
			const seen = forGuests.includes(route) ? guest : page;
			const answer = await seen.goto(address ?? '');
			if (answer?.status() !== 200) wrong.push(`${route}: ${answer?.status()}`);
			await ready(seen);
			const title = await seen.title();
			if (!/^\S.* · \S/.test(title)) wrong.push(`${route} is called “${title}”`);
			await expect(seen.locator('h1, h2').first()).toBeVisible();
			await expectAccessible(seen).catch((error: Error) =>
				wrong.push(`${route}: ${error.message}`)
			);
		}
		expect(wrong).toEqual([]);
		await guest.context().close();
		await own.close();
	});
