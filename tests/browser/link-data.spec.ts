import * as commonWords from '../../src/lib/words/common';
import * as houseWords from '../../src/lib/words/house';
import { expect, keep, ready, test } from './app';
import { put, rows, sent } from './table-world';

test.use({ world: 'links' });

/** Every name of a property in what an address brings, however deep. */
function namesIn(value: unknown): string[] {
	if (Array.isArray(value)) return value.flatMap(namesIn);
	if (typeof value !== 'object' || value === null) return [];
	return Object.entries(value).flatMap(([name, inner]) => [name, ...namesIn(inner)]);
}

test('what a link brings is what its page shows: nothing private of anybody', async ({
	page,
	request,
	app
}) => {
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Mat of the links');
	await put(app, request, 'blue', 40);
	const [group] = await rows<{ id: string }>(app, 'select id from volunteer_group');
	const [day] = await rows<{ id: string }>(
		app,
		`insert into table_day (group_id, id, day, place) values ($1, gen_random_uuid(), current_date + 2, 'Boat shed') returning id`,
		[group?.id]
	);
	for (const [name, isChild, likes] of [
		['Kit', true, 'shy of crowds'],
		['Wren', false, 'likes a draught']
	] as const) {
		const [person] = await rows<{ id: string }>(
			app,
			'insert into person (group_id, id, name, is_child, likes, needs) values ($1, gen_random_uuid(), $2, $3, $4, $5) returning id',
			[group?.id, name, isChild, likes, ['low-sight']]
		);
		await rows(app, 'insert into person_seat values ($1, $2, $3, $4)', [
			group?.id,
			person?.id,
			'flatten',
			'practised'
		]);
		await rows(app, 'insert into day_person values ($1, $2, $3)', [group?.id, day?.id, person?.id]);
	}
	const [plan] = await rows<{ id: string }>(
		app,
		`select id from plan where name = 'Mat of the links'`
	);
	await sent(page, 'begin', { plan: plan?.id ?? '' });
	const [mat] = await rows<{ code: string }>(app, `select code from thing where sort = 'mat'`);
	await sent(page, 'note', { mat: mat?.code ?? '', text: 'a word for the desk alone' });

	/** Opens a link by the button that makes it, on the page that has it. */
	const linkOf = async (at: string, name: string | RegExp) => {
		await page.goto(at);
		await ready(page);
		await page.getByRole('button', { name }).first().click();
		return new URL(await page.getByLabel(commonWords.MadeLink.theNewLink()).inputValue()).pathname;
	};
	/** What is asked for as the application asks, with what every page brings. */
	const brought = async (path: string) => {
		const answer = await request.get(`${path}/__data.json`);
		expect(answer.status()).toBe(200);
		const { nodes } = (await answer.json()) as { nodes: { data?: unknown[] }[] };
		return { text: await answer.text(), names: new Set(namesIn(nodes.map(({ data }) => data))) };
	};
	/** What no link tells: ages, levels, chances, needs, what others wrote, who is in the group. */
	const told =
		/isChild|"chance"|"level"|practised|"needs"|shy of|draught|low-sight|foreseen|a word for the desk|email/;

	const station = await linkOf('/links', houseWords.LinksPage.toThisStationForIts());
	const tablet = await brought(station);
	expect(tablet.text).toContain('Kit');
	expect(tablet.text).not.toMatch(told);
	for (const name of ['ballsWanted', 'planId', 'pace', 'stock', 'came', 'besides', 'version'])
		expect(tablet.names).not.toContain(name);

	const asks = await brought(await linkOf('/links', houseWords.LinksPage.toWhatIsAskedFor()));
	expect(asks.text).not.toMatch(/Kit|Wren|Boat shed/);
	expect(asks.text).not.toMatch(told);

	await page.goto(`/make/${mat?.code}`);
	await ready(page);
	const maker = await linkOf(`/make/${mat?.code}`, /link/i);
	const answer = await request.get(maker, { headers: { accept: 'application/json' } });
	const view = await answer.text();
	expect(view).toContain(mat?.code ?? '');
	expect(view).not.toMatch(/Kit|Wren|Boat shed/);
	expect(view).not.toMatch(told);
	expect(namesIn(JSON.parse(view))).not.toContain('notes');
	const html = await (await request.get(maker)).text();
	expect(html).not.toMatch(told);

	const made = await request.post('/links?/make', {
		form: { plan: plan?.id ?? '', key: crypto.randomUUID() },
		headers: { origin: app.address, accept: 'text/html' }
	});
	const read = await brought(/\/l\/[\w-]{64}/.exec(await made.text())?.[0] ?? '');
	expect(read.text).toContain('Mat of the links');
	expect(read.text).not.toMatch(/Kit|Wren|Boat shed/);
	expect(read.text).not.toMatch(told);
});
