import * as houseWords from '../../src/lib/words/house';
import { expect, ready, test } from './app';
import { rows } from './table-world';
import { passphrase, theCoordinator, Visitor } from './visitor';

test.use({ world: 'house', signsIn: true, allowed: ['status of 4'] });

const count = async (app: Parameters<typeof rows>[0], sql: string, values: unknown[] = []) =>
	(await rows<{ n: number }>(app, `select count(*)::integer as n from ${sql}`, values))[0]?.n;

test('a link lets one in: of six who press at once one comes in, and no account is made for the others', async ({
	app
}) => {
	const wren = await theCoordinator(app);
	const made = await wren.ask('/members?/invite', {
		form: { role: 'helper', key: crypto.randomUUID() }
	});
	const [path = ''] = /\/join\/[\w-]{64}/.exec(made.text) ?? [];
	const mark = Date.now();
	const six = [1, 2, 3, 4, 5, 6].map((nth) => ({
		name: `Guest ${nth}`,
		email: `guest-${nth}-${mark}@mats.example`,
		passphrase
	}));
	const came = await Promise.all(
		six.map((form) => new Visitor(app.address).ask(`${path}?/join`, { form }))
	);
	expect(came.filter(({ status }) => status === 303)).toHaveLength(1);
	expect(await count(app, 'account where email like $1', [`guest-%-${mark}@mats.example`])).toBe(1);
	// The same press once more, before or after it was answered, is answered alike: they are in.
	const at = came.findIndex(({ status }) => status === 303);
	const again = await new Visitor(app.address).ask(`${path}?/join`, { form: six[at] ?? {} });
	expect([again.status, again.to]).toEqual([303, '/']);
	const other = await new Visitor(app.address).ask(`${path}?/join`, {
		form: six[(at + 1) % 6] ?? {}
	});
	expect(other.status).toBe(404);
	expect(await count(app, 'account where email like $1', [`guest-%-${mark}@mats.example`])).toBe(1);
});

test('one page makes one group, pressed twice and sent again', async ({ app, context }) => {
	const wren = await theCoordinator(app);
	await wren.lend(context);
	const page = await context.newPage();
	await page.goto(`${app.address}/groups`);
	await ready(page);
	const name = `Quay Sheds ${Date.now()}`;
	await page.getByLabel(houseWords.GroupsPage.name(), { exact: true }).fill(name);
	await page.getByRole('button', { name: houseWords.GroupsPage.createGroup() }).dblclick();
	await expect(page).not.toHaveURL(/\/groups/);
	const key = crypto.randomUUID();
	const sent = await Promise.all(
		[1, 2, 3, 4].map(() => wren.ask('/groups?/make', { form: { name: `${name} too`, key } }))
	);
	expect(sent.map(({ status }) => status)).toEqual([303, 303, 303, 303]);
	for (const one of [name, `${name} too`])
		expect([one, await count(app, 'volunteer_group where name = $1', [one])]).toEqual([one, 1]);
});

test('who runs the machine is told where visitors cannot be told apart', async ({ app }) => {
	const wren = await theCoordinator(app);
	expect((await wren.ask('/members')).text).not.toContain('data-unnamed-proxy');
	await wren.ask('/members', { headers: { 'x-forwarded-for': '192.0.2.7' } });
	expect((await wren.ask('/members')).text).toContain('data-unnamed-proxy');
});
