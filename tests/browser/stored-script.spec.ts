import { spawn } from 'node:child_process';
import { once } from 'node:events';
import type { APIResponse, Page } from '@playwright/test';
import { asked } from '../../scripts/lib/asked.mjs';
import { root } from '../../scripts/lib/say.mjs';
import { expect, test } from './app';
import { wordsOf } from './pdf';

test.use({ world: 'script' });

/** What somebody might type to have a page run it, a spreadsheet reckon it or a calendar read it as a line of its own. */
const odd = '=</script><img src=x onerror=nr()>\'"';

/** Words that nobody types, and no table holds to a list. */
const unwritten = ['balance.holder', 'cut.style', 'entry.digest', 'lying.alike'];

/** Where words of the demo world stand that anybody may type. */
const words = [
	'bag_kind.name',
	'entry.note',
	'mat_ask.note',
	'person.contact',
	'person.likes',
	'person.name',
	'place.hours',
	'place.name',
	'place.own_rules',
	'place.stairs',
	'plan.name',
	'plan_version.name',
	'table_day.also',
	'table_day.place',
	'tool.name',
	'volunteer_group.name'
];

/** Keys of words in what was typed with an entry. */
const typedKeys = ['note', 'place', 'brought_by', 'gathering', 'text', 'says', 'name', 'reason'];

/** Puts odd words wherever the database lets words stand; gives the columns it did. */
const spoil = (databaseUrl: string) =>
	asked(databaseUrl, async (client) => {
		await client.query('set session_replication_role = replica');
		const { rows } = await client.query<{ at: string; word: string }>(
			`
			select c.table_name as at, c.column_name as word from information_schema.columns c
			join information_schema.tables t using (table_schema, table_name)
			where c.table_schema = 'public' and t.table_type = 'BASE TABLE' and c.data_type = 'text'
				and c.table_name not in ('schema_migration', 'thing_state')
				and not c.table_name || '.' || c.column_name = any($1) order by 1, 2`,
			[unwritten]
		);
		const spoilt: string[] = [];
		for (const { at, word } of rows) {
			const [table, column] = [client.escapeIdentifier(at), client.escapeIdentifier(word)];
			// Codes, kinds and colours are closed lists or have a shape, and stay as they are.
			const done = await client
				.query(
					`update ${table} set ${column} = $1 || replace(ctid::text, ',', ' ') where ${column} is not null`,
					[odd]
				)
				.catch((error: { code?: string }) => {
					if (['23514', '23503', '22P02', '428C9', '23505'].includes(error.code ?? '')) return null;
					throw error;
				});
			if (done?.rowCount) spoilt.push(`${at}.${word}`);
		}
		for (const key of typedKeys)
			await client.query(
				`update entry set typed = jsonb_set(typed, array[$1], to_jsonb($2::text)) where typed ? $1`,
				[key, odd]
			);
		return spoilt;
	});

/** What of a page's own text would run, or lead to something that runs; read by the browser's own reader. */
const running = (page: Page, html: string) =>
	page.evaluate((text) => {
		const read = new DOMParser().parseFromString(text, 'text/html');
		return {
			runs: [...read.querySelectorAll('[src="x"], [onerror], a[href^="javascript:"]')].map(
				({ outerHTML }) => outerHTML.slice(0, 200)
			),
			links: [...read.querySelectorAll('a[href], link[rel=alternate]')].map(
				(one) => one.getAttribute('href') ?? ''
			)
		};
	}, html);

/** Each kind of answer is asked whether anything of it could run. */
const judged: Record<string, (answer: APIResponse, path: string) => Promise<void>> = {
	'text/csv': async (answer, path) => {
		expect(await answer.text(), path).not.toMatch(/(^|[,\n])"?=/);
	},
	'text/calendar': async (answer, path) => {
		for (const line of (await answer.text()).split('\r\n'))
			expect(line, path).toMatch(/^([A-Z-]+[;:]| |$)/);
	},
	'application/pdf': async (answer, path) => {
		const bytes = await answer.body();
		expect(bytes.toString('latin1'), path).not.toMatch(/\/(JavaScript|JS|URI)\b/);
		expect(await wordsOf(bytes), path).not.toBe('');
	}
};

test('words that would run run nowhere: not on a page, a sheet, a label, in a list or a calendar', async ({
	page,
	request,
	app
}) => {
	test.slow();
	const load = spawn(process.execPath, ['--import', 'tsx', 'scripts/load-demo.ts'], {
		cwd: root,
		env: { ...process.env, DATABASE_URL: app.databaseUrl },
		stdio: 'ignore'
	});
	expect(await once(load, 'exit')).toEqual([0, null]);
	const spoilt = await spoil(app.databaseUrl);
	// What else the tables keep of words is held to a list or a shape by the table itself.
	expect(spoilt).toEqual(words);

	// On no page at all: one asked for by the browser would ask for more by itself.
	expect((await running(page, `<p>${odd}</p>`)).runs).toHaveLength(1);
	const waiting = ['/', '/gather/lists', '/people', '/settings', '/links'];
	const seen = new Set<string>();
	/** Of each kind of page one is enough, whatever code is in its place and whatever it is asked. */
	const kinds = new Map<string, number>();
	const shown = new Map<string, number>();
	for (let path = waiting.shift(); path !== undefined; path = waiting.shift()) {
		const answer = await request.get(path);
		expect(answer.status(), path).toBeLessThan(500);
		const type = (answer.headers()['content-type'] ?? '').split(';')[0] ?? '';
		shown.set(type, (shown.get(type) ?? 0) + 1);
		expect(answer.headers()['content-disposition'] ?? '', path).not.toContain('<');
		await judged[type]?.(answer, path);
		if (type !== 'text/html') continue;
		const { runs, links } = await running(page, await answer.text());
		expect(runs, path).toEqual([]);
		for (const link of links) {
			const url = new URL(link, app.address + path);
			const next = url.pathname + url.search;
			// What the know-how says is nobody's to type.
			if (url.origin !== app.address || seen.has(next) || next.startsWith('/know-how')) continue;
			seen.add(next);
			const kind = [
				url.pathname.replace(/[0-9a-f-]{36}|\/[2-9A-HJ-NP-Z]{5}\b/g, '*'),
				...new Set([...url.searchParams.keys()].sort())
			].join('?');
			kinds.set(kind, (kinds.get(kind) ?? 0) + 1);
			if (kinds.get(kind) === 1) waiting.push(next);
		}
	}
	expect(shown.get('text/html') ?? 0).toBeGreaterThan(50);
	for (const type of Object.keys(judged))
		expect(shown.get(type) ?? 0, type).toBeGreaterThanOrEqual(3);
});
