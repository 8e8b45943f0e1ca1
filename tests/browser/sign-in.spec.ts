import * as commonWords from '../../src/lib/words/common';
import * as routesWords from '../../src/lib/words/routes';
import * as gatherWords from '../../src/lib/words/gather';
import * as houseWords from '../../src/lib/words/house';
import * as planWords from '../../src/lib/words/plan';
import type { Page } from '@playwright/test';
import pg from 'pg';
import { permissions, reads } from '../../src/lib/server/auth/permissions';
import { mayAs, roles, type Role } from '../../src/lib/server/base/roles';
import { localGroupId } from '../../src/lib/server/base/group-id';
import { pagesToLayBy } from '../../src/lib/routes/laid-pages';
import { expect, expectAccessible, ready, test } from './app';
import { endingActs, pathOfRoute } from '../routes';
import { passphrase, theCoordinator, Visitor } from './visitor';

test.use({
	world: 'house',
	signsIn: true,
	allowed: ['status of 4', 'status of 503', 'ERR_INTERNET_DISCONNECTED']
});
// One house for all: who is in it, and how often something was tried, is known to each test.
test.describe.configure({ mode: 'serial' });

const uuid = '00000000-0000-4000-8000-00000000abcd';
const isTurnedAway = (status: number) => status === 401 || status === 403;

test('every page and every act is open to those it is for, and to nobody else', async ({ app }) => {
	test.slow();
	const coordinator = await theCoordinator(app);
	const visitors: Record<Role | 'guest', Visitor> = {
		guest: new Visitor(app.address),
		reader: await coordinator.letIn('reader', 'Odo'),
		helper: await coordinator.letIn('helper', 'Tansy'),
		coordinator
	};
	const wrong: string[] = [];
	const isOpen = (who: Role | 'guest', needed: Role | 'guest') =>
		needed === 'guest' || (who !== 'guest' && mayAs(who, needed));
	for (const who of ['guest', ...roles] as const) {
		const visitor = visitors[who];
		for (const [route, needed] of Object.entries(reads)) {
			// A scale is listened to for as long as one likes.
			if (route === '/api/scale') continue;
			const { status } = await visitor.ask(pathOfRoute(route, uuid), {
				accept: 'application/json'
			});
			if (isTurnedAway(status) === isOpen(who, needed) || status >= 500)
				wrong.push(`${who} ${route}: ${status}`);
		}
		for (const [act, { by }] of Object.entries(permissions)) {
			if (endingActs.includes(act)) continue;
			const [route = '', name = ''] = act.split(' ');
			const isAction = !['POST', 'default'].includes(name);
			const { status } = await visitor.ask(
				`${pathOfRoute(route, uuid)}${isAction ? `?/${name}` : ''}`,
				name === 'POST'
					? { json: {}, accept: 'application/json' }
					: { form: {}, accept: 'application/json' }
			);
			// Refused at a field is no door that is shut.
			const isShut = isTurnedAway(status) || (status === 303 && who === 'guest');
			if (isShut === isOpen(who, by) && by !== 'guest') wrong.push(`${who} ${act}: ${status}`);
			if (status >= 500) wrong.push(`${who} ${act}: ${status}`);
		}
	}
	expect(wrong).toEqual([]);
});

test('a reader keeps nothing, a helper nothing that goes out, and the refusal says so', async ({
	app
}) => {
	const [reader, helper] = [new Visitor(app.address), new Visitor(app.address)];
	await reader.signIn('odo@mats.example');
	await helper.signIn('tansy@mats.example');
	const bags = { place: 'Ferry kiosk', came_on: '2026-11-19', method: 'hand', bags: '100' };
	const sent = async (visitor: Visitor, type: string, typed: object) => {
		const entries = [{ key: crypto.randomUUID(), type, typed }];
		const { status, text } = await visitor.ask('/api/entries', { json: { entries } });
		if (status !== 200) return status;
		const [answer] = (JSON.parse(text) as { answers: { outcome: string; problems?: object }[] })
			.answers;
		return answer?.outcome === 'refused'
			? Object.values(answer.problems ?? {})[0]
			: answer?.outcome;
	};
	expect(await sent(reader, 'drop-off', bags)).toBe(403);
	expect(await sent(helper, 'drop-off', bags)).toBe('kept');
	const coordinators = houseWords.notTheirs.onlyACoordinatorOfThe();
	expect(await sent(helper, 'asked', { place: uuid, mats: '3' })).toBe(coordinators);
	// What only a coordinator keeps, only a coordinator takes back.
	const wren = await theCoordinator(app);
	await wren.ask('/places?/receiving', { form: { name: 'Tide House' } });
	const [, place = ''] =
		/<option[^>]*value="([0-9a-f-]{36})"/.exec((await wren.ask('/hand-over')).text) ?? [];
	expect(await sent(wren, 'asked', { place, mats: '3', by: '2099-12-24' })).toBe('kept');
	const database = new pg.Client(app.databaseUrl);
	await database.connect();
	const { rows } = await database.query(
		"select id::text, account_id from entry where type = 'asked'"
	);
	expect(rows).toHaveLength(1);
	expect(rows[0].account_id).toMatch(/^[0-9a-f-]{36}$/);
	expect(await sent(helper, 'correction', { of: 'entry', corrects: rows[0].id, note: 'x' })).toBe(
		coordinators
	);
	expect(await sent(wren, 'correction', { of: 'entry', corrects: rows[0].id, note: 'x' })).toBe(
		'kept'
	);
	// Nor by another way to write it.
	const hidden = { of: 'entry', corrects: `0${rows[0].id}`, note: 'x' };
	expect(await sent(helper, 'correction', hidden)).toBe(houseWords.notTheirs.thatIsNotInThe());
	await database.end();
	// And who did it is read in the trail, in sentences.
	const trail = (await wren.ask('/trail')).text.replace(/<[^>]+>|\s+/g, ' ').replace(/ +/g, ' ');
	expect(trail).toContain('Tansy took in bags');
	expect(trail).toContain('Wren noted what a place asks for');
	expect(trail).toContain(`Wren ${routesWords.trail.madeAnInvitationLink()} , reader`);
});

test('one signs in by the form, comes to where one was going, and is out again', async ({
	app,
	page
}) => {
	await theCoordinator(app);
	await page.goto('/gather/store');
	await expect(page).toHaveURL(/\/sign-in\?back=/);
	await ready(page);
	await expectAccessible(page);
	await page.getByLabel(houseWords.SignInPage.email()).fill('wren@mats.example');
	await page
		.getByLabel(houseWords.AccountPage.passphrase(), { exact: true })
		.fill('not the one it is');
	await page.getByRole('button', { name: houseWords.SignInPage.signIn(), exact: true }).click();
	await expect(page.getByRole('alert')).toHaveText(houseWords.signIn.emailOrPassphraseIsWrong());
	await expect(page.getByLabel(houseWords.SignInPage.email())).toHaveValue('wren@mats.example');
	await page.getByLabel(houseWords.AccountPage.passphrase(), { exact: true }).fill(passphrase);
	await page.getByRole('button', { name: houseWords.SignInPage.signIn(), exact: true }).click();
	await expect(page).toHaveURL(/\/gather\/store$/);
	await page.goto('/settings');
	await page.getByRole('link', { name: 'Wren' }).click();
	await ready(page);
	await expectAccessible(page);
	for (const path of ['/members', '/groups', '/trail', '/sign-in/forgot', '/account']) {
		await page.goto(path);
		await page.setViewportSize({ width: 1280, height: 800 });
		await expectAccessible(page);
		await page.setViewportSize({ width: 360, height: 740 });
		await expectAccessible(page, 'width');
	}
	await page.setViewportSize({ width: 1280, height: 800 });
	await page.goto('/account');
	await page.getByRole('button', { name: houseWords.AccountPage.signOutHere() }).click();
	await expect(page).toHaveURL(/\/sign-in$/);
	await page.goto('/gather');
	await expect(page).toHaveURL(/\/sign-in/);
});

test('a passkey of the device signs in without a passphrase', async ({ app, page, context }) => {
	const devtools = await context.newCDPSession(page);
	await devtools.send('WebAuthn.enable');
	await devtools.send('WebAuthn.addVirtualAuthenticator', {
		options: {
			protocol: 'ctap2',
			transport: 'internal',
			hasResidentKey: true,
			hasUserVerification: true,
			isUserVerified: true
		}
	});
	await (await theCoordinator(app)).lend(context);
	await page.goto('/account');
	await ready(page);
	// Without the passphrase none is made.
	const options = await page.request.get('/api/auth/passkey/generate-register-options?name=x');
	expect(options.status()).toBe(403);
	await page.getByLabel(houseWords.AccountPage.yourPassphraseToMakeA()).fill('not the one I have');
	await page.getByRole('button', { name: 'Add this device' }).click();
	await expect(page.getByText(houseWords.ownAccount.thatIsNotThePassphrase())).toBeVisible();
	await page.getByLabel(houseWords.AccountPage.yourPassphraseToMakeA()).fill(passphrase);
	await page.getByRole('button', { name: 'Add this device' }).click();
	await expect(page.getByRole('button', { name: /Remove the passkey/ })).toBeVisible();
	await page.getByRole('button', { name: houseWords.AccountPage.signOutHere() }).click();
	await expect(page).toHaveURL(/\/sign-in$/);
	await ready(page);
	await page.getByRole('button', { name: houseWords.SignInPage.signInWithAPasskey() }).click();
	await expect(page).not.toHaveURL(/sign-in/);
	await page.goto('/more');
	await expect(page.getByRole('link', { name: 'Wren' })).toBeVisible();
});

test('two groups side by side stay apart, whichever the device works for by now', async ({
	app,
	context
}) => {
	const wren = await theCoordinator(app);
	await wren.ask('/groups?/make', { form: { name: 'Boat Shed Table', key: crypto.randomUUID() } });
	await wren.lend(context);
	const shed = await context.newPage();
	await shed.goto('/gather');
	await ready(shed);
	await expect(shed.getByText('For Boat Shed Table')).toBeVisible();
	// Another tab goes back to the first group; the first tab stands as it was.
	const table = await context.newPage();
	await table.goto('/account');
	await table.getByRole('button', { name: houseWords.AccountPage.switchToIt() }).click();
	await table.goto('/gather');
	await ready(table);
	await expect(table.getByText('For Our mat table')).toBeVisible();
	const bring = async (tab: Page, place: string) => {
		await tab.getByLabel(gatherWords.DropOffForm.from(), { exact: true }).fill(place);
		await tab.getByLabel(gatherWords.DropOffForm.bags(), { exact: true }).fill('120');
		await tab.getByRole('button', { name: houseWords.LinksPage.save(), exact: true }).click();
		await expect(
			tab.getByRole('status').filter({ hasText: planWords.PlansPage.saved() }).first()
		).toBeVisible();
	};
	await bring(shed, 'Shed steps');
	// What is read anew is for the group that was chosen since, and the page says so.
	await expect(shed.getByText('For Our mat table')).toBeVisible();
	await bring(table, 'Quay steps');
	await expect(table.locator('[data-source="Quay steps"]')).toBeVisible();
	await expect(table.locator('[data-source="Shed steps"]')).toHaveCount(0);
	// Without scripts as well: a form goes to the group that its page came for.
	const [, to = ''] =
		/action="(\?\/keep&amp;group=[^"]+)"/.exec((await wren.ask('/gather')).text) ?? [];
	await wren.ask('/groups?/choose', { form: { id: localGroupId } });
	const typed = { place: 'Bare steps', came_on: '2026-11-19', method: 'hand', bags: '90' };
	const form = { type: 'drop-off', key: crypto.randomUUID(), ...typed };
	const kept = await wren.ask(`/gather${to.replace('&amp;', '&')}`, { form });
	expect(kept.text).toContain('Bare steps');
	const database = new pg.Client(app.databaseUrl);
	await database.connect();
	const { rows } = await database.query(
		`select p.name as place, g.name from place p join volunteer_group g on g.id = p.group_id
		 where p.name like '% steps' order by 1`
	);
	await database.end();
	expect(rows).toEqual([
		{ place: 'Bare steps', name: 'Boat Shed Table' },
		{ place: 'Quay steps', name: 'Our mat table' },
		{ place: 'Shed steps', name: 'Boat Shed Table' }
	]);
});

test('a group is deleted by its name, closed at once, and taken back within the week', async ({
	app
}) => {
	const wren = await theCoordinator(app);
	await wren.ask('/groups?/make', { form: { name: 'Quay Sheds', key: crypto.randomUUID() } });
	const plan = await wren.ask('/members?/invite', {
		form: { role: 'reader', key: crypto.randomUUID() }
	});
	const [link = ''] = /\/join\/[\w-]{64}/.exec(plan.text) ?? [];
	expect((await wren.ask(link)).status).toBe(200);
	expect((await wren.ask('/groups?/delete', { form: { name: 'Quay' } })).text).toContain(
		houseWords.GroupsActs.typeTheNameAsIt()
	);
	await wren.ask('/groups?/delete', { form: { name: 'Quay Sheds', key: crypto.randomUUID() } });
	expect((await wren.ask('/account')).text).not.toContain('data-group="Quay Sheds"');
	expect((await wren.ask(link)).status).toBe(404);
	const [, id = ''] =
		/name="id" value="([0-9a-f-]{36})"/.exec((await wren.ask('/groups')).text) ?? [];
	const odo = new Visitor(app.address);
	await odo.signIn('odo@mats.example');
	expect((await odo.ask('/groups?/undo', { form: { id } })).status).toBe(404);
	expect((await wren.ask('/groups?/undo', { form: { id } })).to).toBe('/');
	expect((await wren.ask('/account')).text).toContain('data-group="Quay Sheds"');
});

test('signing in gives a new key each time, which ends with it', async ({ app }) => {
	await theCoordinator(app);
	const wren = new Visitor(app.address);
	// A key that was laid into the browser before is not taken over.
	wren.jar.set('nest-row.session_token', 'laid.before');
	await wren.signIn('wren@mats.example');
	const first = wren.jar.get('nest-row.session_token') ?? '';
	expect(first).not.toContain('laid');
	const other = new Visitor(app.address);
	await other.signIn('wren@mats.example');
	expect(other.jar.get('nest-row.session_token')).not.toBe(first);
	// Everywhere else at once, and this one alone.
	await wren.ask('/account?/elsewhere', { form: {} });
	expect((await other.ask('/gather')).to).toContain('/sign-in');
	expect((await wren.ask('/gather')).status).toBe(200);
	const copy = new Visitor(app.address);
	copy.jar.set('nest-row.session_token', first);
	await wren.ask('/account?/out', { form: {} });
	expect((await copy.ask('/gather')).to).toContain('/sign-in');
});

test('a forgotten passphrase is made anew by a message, once, and ends what was signed in', async ({
	app
}) => {
	const odo = new Visitor(app.address);
	await odo.signIn('odo@mats.example');
	expect((await odo.ask('/gather')).status).toBe(200);
	const send = async (email: string) =>
		(await new Visitor(app.address).ask('/sign-in/forgot?/send', { form: { email } })).text
			.replace(/<script[\s\S]*?<\/script>/g, '')
			.replace(/nonce="[^"]*"/g, '');
	// The same is said of an address that nobody has.
	expect(await send('odo@mats.example')).toBe(await send('nobody@mats.example'));
	const database = new pg.Client(app.databaseUrl);
	await database.connect();
	const { rows } = await database.query('select email, words from account_message');
	await database.end();
	expect(rows.map(({ email }) => email)).toEqual(['odo@mats.example']);
	const [path = ''] = /\/sign-in\/anew\?token=[\w-]+/.exec(rows[0].words) ?? [];
	const token = path.split('token=')[1] ?? '';
	const renew = (words: string) =>
		new Visitor(app.address).ask('/sign-in/anew?/renew', { form: { token, passphrase: words } });
	expect((await renew('passwordpassword')).text).toContain('easy to guess');
	const fresh = 'copper lantern river eleven';
	expect((await renew(fresh)).to).toBe('/sign-in');
	expect((await renew(`${fresh} more`)).text).toContain('was used');
	expect((await odo.ask('/gather')).to).toContain('/sign-in');
	expect((await odo.signIn('odo@mats.example')).text).toContain('Email or passphrase is wrong');
	expect((await odo.signIn('odo@mats.example', fresh)).to).toBe('/account');
});

test('five wrong tries shut a name for a while, in every process alike, known or not', async ({
	app
}) => {
	for (const email of ['tansy@mats.example', 'nobody@mats.example']) {
		const visitor = new Visitor(app.address);
		for (let tried = 0; tried < 5; tried++)
			expect((await visitor.signIn(email, 'wrong wrong wrong')).text).toContain(
				'Email or passphrase is wrong'
			);
		// A new process knows it, too.
		if (email.startsWith('nobody')) await app.restart();
		const sixth = await visitor.signIn(email);
		expect(sixth.status).toBe(422);
		expect(sixth.text).toContain('Too many tries. Try again in 15 minutes.');
	}
});

test('a sign-in that went right forgets the wrong tries before it', async ({ app }) => {
	await theCoordinator(app);
	const signIn = (words?: string) => new Visitor(app.address).signIn('wren@mats.example', words);
	for (const round of [1, 2]) {
		for (let tried = 0; tried < 4; tried++)
			expect((await signIn('wrong wrong wrong')).text, `round ${round}`).toContain(
				'Email or passphrase is wrong'
			);
		expect((await signIn()).to, `round ${round}`).toBe('/account');
	}
});

test('a way back leads to pages of this house alone', async ({ app }) => {
	await theCoordinator(app);
	for (const [back, to] of [
		['/gather?of=2', '/gather?of=2'],
		['//elsewhere.example', '/'],
		['/\\elsewhere.example', '/'],
		['https://elsewhere.example', '/'],
		['/\r\nset-cookie: a=b', '/']
	] as const) {
		const visitor = new Visitor(app.address);
		const form = { email: 'wren@mats.example', passphrase, back };
		expect((await visitor.ask('/sign-in?/in', { form })).to).toBe(to);
	}
});

test.describe('on a shared tablet', () => {
	test.use({ serviceWorkers: 'allow' });

	test('no page of one who signed out stays behind', async ({ app, page, context }) => {
		await (await theCoordinator(app)).lend(context);
		await page.goto('/gather');
		await ready(page);
		const laid = () => page.evaluate(() => caches.has('laid pages'));
		await expect.poll(laid, { timeout: 20_000 }).toBe(true);
		await page.goto('/account');
		await page.getByRole('button', { name: houseWords.AccountPage.signOutHere() }).click();
		await expect(page).toHaveURL(/\/sign-in$/);
		await expect.poll(laid).toBe(false);
		await context.setOffline(true);
		// No page of the group lies here: what is said leads to none.
		expect((await page.goto('/gather'))?.status()).toBe(503);
		await expect(page.getByRole('heading', { level: 1 })).toHaveText(
			commonWords.offlinePage.title()
		);
		await expect(page.getByRole('link')).toHaveCount(0);
		expect(await laid()).toBe(false);
	});

	test('nor one that was still on its way', async ({ app, page, context }) => {
		await (await theCoordinator(app)).lend(context);
		await page.goto('/gather');
		await ready(page);
		const laid = () =>
			page.evaluate(
				async () => (await caches.match('/gather', { cacheName: 'laid pages' }))?.status
			);
		await expect.poll(laid).toBe(200);
		const left = await page.evaluate(async (addresses) => {
			const who = await (await caches.match('/whose', { cacheName: 'laid pages' }))?.text();
			const worker = (await navigator.serviceWorker.ready).active;
			for (const address of addresses) worker?.postMessage({ who, address });
			await fetch('/account?/out', { method: 'POST', body: new URLSearchParams() });
			// Long enough for all that were asked for to come.
			await new Promise((resolve) => setTimeout(resolve, 4000));
			// For whom: all that whoever says it after that can leave.
			const lie = await (await caches.open('laid pages')).keys();
			return lie.map(({ url }) => new URL(url).pathname).filter((at) => at !== '/whose');
		}, pagesToLayBy);
		expect(left).toEqual([]);
	});
});
