import * as checkWords from '../../src/lib/words/check';
import * as commonWords from '../../src/lib/words/common';
import * as planWords from '../../src/lib/words/plan';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import http from 'node:http';
import os from 'node:os';
import path from 'node:path';
import { planToWord } from '../../src/lib/stages/plan/document/plan-link';
import { startingPlan } from '../../src/lib/core/model/starting-plan';
import { change, expect, keep, openStep, ready, tally, test } from './app';
import { wordsOf } from './pdf';

test.use({ world: 'holds', allowed: ['the server responded with a status of 4'] });
test.describe.configure({ mode: 'serial' });

/** One request as no browser would send it. */
function raw(address: string, options: http.RequestOptions): Promise<http.IncomingMessage> {
	return new Promise((resolve, reject) => {
		const url = new URL(address);
		const request = http.request(
			{ host: url.hostname, port: url.port, headers: { host: url.host }, ...options },
			(answer) => {
				answer.resume();
				resolve(answer);
			}
		);
		request.on('error', reject);
		request.end();
	});
}

test('malformed paths, foreign hosts and odd methods are answered, and the app lives', async ({
	app
}) => {
	const { host } = new URL(app.address);
	const local = { host: host.replace('127.0.0.1', 'localhost') };
	for (const [options, status] of [
		[{ path: '/%', headers: local }, 400],
		[{ path: '/%E0%A4%A', headers: local }, 400],
		[{ path: '/%00' }, 400],
		[{ path: '/plan', headers: { host: 'rebound.example' } }, 421],
		[
			{ path: '/api/entries', method: 'POST', headers: { host, origin: 'http://evil.example' } },
			403
		],
		[{ path: '/plan', method: 'TRACE' }, 405],
		[{ path: '/plan', headers: local }, 307]
	] as const) {
		const answer = await raw(app.address, options as http.RequestOptions);
		expect(answer.statusCode, JSON.stringify(options)).toBe(status);
		expect(answer.headers['x-content-type-options']).toBe('nosniff');
	}
	for (const asked of ['/mark.svg', '/plan', '/api/version']) {
		const answer = await raw(app.address, { path: asked });
		expect(answer.statusCode).toBe(200);
		expect(answer.headers).toMatchObject({
			'x-frame-options': 'DENY',
			'cross-origin-resource-policy': 'same-origin'
		});
	}
});

test('no act of a form is a fault because of its name, nor a file because of its', async ({
	request,
	app
}) => {
	const headers = { origin: app.address, accept: 'text/html' };
	for (const act of ['__proto__', 'constructor', 'toString', 'hasOwnProperty', 'x', '']) {
		for (const page of ['/plan', '/plans', '/settings', '/people', '/links', '/gather/lists']) {
			const answer = await request.post(`${page}?/${act}`, { headers, form: {} });
			expect(answer.status(), `${page} ${act}`).toBeLessThan(500);
		}
	}
	const listed = await request.post('/gather/lists?/bring', {
		headers,
		multipart: {
			list: 'drop-offs',
			file: { name: 'a\u0000b.csv', mimeType: 'text/csv', buffer: Buffer.from('date\n1') }
		}
	});
	expect(listed.status()).toBeGreaterThanOrEqual(400);
	expect(listed.status()).toBeLessThan(500);
});

test('a long request holds up no other', async ({ request, app }) => {
	const { plan } = { plan: startingPlan };
	const loom = {
		...plan,
		technique: { kind: 'peg-loom', pitchMm: 5, packing: 'firm', weftCut: plan.cut }
	} as typeof plan;
	const word = planToWord(loom);
	let isDrawn = false;
	const long = request.get(`/sheets/loom.pdf?p=${word}`).finally(() => (isDrawn = true));
	let meanwhile = 0;
	while (!isDrawn) {
		await fetch(`${app.address}/api/version`);
		if (!isDrawn) meanwhile++;
	}
	expect((await long).status()).toBe(200);
	// Drawn on the requests' own thread it would let one by, or two.
	expect(meanwhile).toBeGreaterThan(10);
	const much = await request.post('/settings?/words', {
		headers: { origin: app.address, 'content-type': 'application/x-www-form-urlencoded' },
		data: 'a=&'.repeat(5_000_000)
	});
	expect(much.status()).toBe(413);
});

test('paper says what the bench says, by the measures of the group, and whose they are', async ({
	page,
	request
}) => {
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'For the wall');
	const before = await tally(page, 'toCollect').textContent();
	const plan = /plan\/([0-9a-f-]{36})/.exec(page.url())?.[1] ?? '';
	const measured = {
		key: crypto.randomUUID(),
		type: 'measurement',
		typed: {
			measure: 'swatch',
			plan,
			measured_on: '2026-11-20',
			counted: '20',
			rows: '20',
			length: '9 in',
			height: '8.5 in'
		}
	};
	const answer = await request.post('/api/entries', { data: { entries: [measured] } });
	expect(await answer.json()).toMatchObject({ answers: [{ outcome: 'kept' }] });

	await page.reload();
	await ready(page);
	const bags = await tally(page, 'toPrepare').textContent();
	const collected = await tally(page, 'toCollect').textContent();
	expect(collected).not.toBe(before);
	await expect(page.locator('[data-basis]')).toContainText(
		commonWords.basisWords.byThisGroupsOwnMeasures()
	);
	const word = planToWord(startingPlan);
	const words = await wordsOf(
		await (await request.get(`/sheets/plan.pdf?p=${word}&lengths=cm`)).body()
	);
	expect(words).toContain(`${collected} `);
	expect(words).toContain(`${bags} `);
	expect(words).toContain('Figures are by our own measures.');
	const crochet = await wordsOf(await (await request.get(`/sheets/crochet.pdf?p=${word}`)).body());
	const rows = /(\d+) stitches in every row; (\d+) rows/.exec(crochet);
	expect(crochet).toContain(`chain ${Number(rows?.[1]) + 1} and turn`);
	await expect(
		page.getByRole('img', { name: new RegExp(`${rows?.[2]} rows, ${rows?.[1]} stitches`) })
	).toBeVisible();

	const door = async (query: string) =>
		(await (
			await request.post(`/api/estimate${query}`, {
				data: {
					bag: { flat_width_mm: 300, gusset_mm: 80, body_mm: 385, handle_mm: 150, mass_g: 5.2 },
					cut: { style: 'loops', equal_strips: 4, trim_bottom_mm: 50, trim_top_mm: 50 },
					target: { width_mm: 850, length_mm: 1850 },
					technique: { kind: 'crochet', stitch: 'sc', hook_mm: 8 }
				}
			})
		).json()) as { measures: { of: string }; to_collect: { expected: number } };
	const own = await door('');
	expect(own.measures.of).toBe('group');
	expect(Math.ceil(own.to_collect.expected)).toBe(Number(collected));
	const craft = await door('?measures=craft');
	expect(craft.measures.of).toBe('craft');
	expect(Math.ceil(craft.to_collect.expected)).toBe(Number(before));

	await page.goto('/plans');
	await expect(page.locator('[data-plan="For the wall"]')).toContainText(`${collected}`);
	await expect(page.locator('[data-then]')).toContainText(`when saved: ${before}`);
});

test('what two keep at once is never overwritten by a change of units', async ({
	page,
	context
}) => {
	await page.goto('/plans');
	await page.getByRole('link', { name: 'For the wall', exact: true }).click();
	await page.waitForURL(/\/plan\/[0-9a-f-]{36}/);
	await ready(page);
	const other = await context.newPage();
	await other.goto(page.url());
	await ready(other);
	await other.getByLabel(planWords.PlanHead.nameOfThePlan()).fill('For the wall, wider');
	await other.getByRole('button', { name: planWords.BenchActs.savePlan() }).click();
	await expect(other.getByText('Saved, version 2')).toBeVisible();

	// The page loads anew what stands there, and what is typed here still began from version 1.
	await page.getByLabel(planWords.PlanHead.nameOfThePlan()).fill('For the wall, mine');
	await change(page, 'lengths');
	await openStep(page, 'Size');
	await expect(page.getByLabel(checkWords.CheckForm.width(), { exact: true })).toHaveValue(
		'33 7/16 in'
	);
	await page.getByLabel(planWords.PlanHead.nameOfThePlan()).fill('For the wall, mine');
	await page.getByRole('button', { name: planWords.BenchActs.savePlan() }).click();
	await expect(page.getByText(planWords.PlanIdPage.someoneElseSavedThisPlan())).toBeVisible();
	await page.goto('/plans');
	await expect(page.getByRole('link', { name: 'For the wall, wider' })).toBeVisible();
	await change(page, 'lengths');
	await other.close();
});

test('every Duplicate of a page makes a copy of its own plan', async ({ page }) => {
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Another');
	await page.goto('/plans');
	await ready(page);
	// Both from the page as it was loaded, before either answer has come.
	const forms = page.locator('form[action="?/duplicate"]');
	const sent = await forms.evaluateAll((found) =>
		Promise.all(
			found.map((form) =>
				fetch('/plans?/duplicate', {
					method: 'POST',
					body: new FormData(form as HTMLFormElement),
					headers: { accept: 'application/json' }
				}).then((answer) => answer.ok)
			)
		)
	);
	expect(sent).toEqual([true, true]);
	await page.reload();
	await expect(page.getByRole('link', { name: 'Copy of Another' })).toBeVisible();
	await expect(page.getByRole('link', { name: 'Copy of For the wall' })).toBeVisible();
});

test('everything goes out in one archive that opens', async ({ request }) => {
	const answer = await request.get('/everything.zip');
	expect(answer.headers()['content-type']).toBe('application/zip');
	const folder = mkdtempSync(path.join(os.tmpdir(), 'nest-row-archive-'));
	writeFileSync(path.join(folder, 'all.zip'), await answer.body());
	execFileSync('python3', ['-m', 'zipfile', '-e', path.join(folder, 'all.zip'), folder]);
	expect(readdirSync(path.join(folder, 'plans'))).toContain('Another.nest-row.json');
	const measured = JSON.parse(
		readFileSync(path.join(folder, 'json/measurements.json'), 'utf8')
	) as { kind: string }[];
	expect(measured.map(({ kind }) => kind)).toEqual(['swatch']);
	expect(readFileSync(path.join(folder, 'lists to bring in/drop-offs.csv'), 'utf8')).toContain(
		'date,place,bags'
	);
	expect(readdirSync(path.join(folder, 'csv'))).toHaveLength(14);
});
