import * as gatherWords from '../../src/lib/words/gather';
import type { APIRequestContext } from '@playwright/test';
import { expect, ready, test } from './app';

test.use({ world: 'input', allowed: ['status of 4'] });

/** Texts that somebody or something may put anywhere. */
const odd = [
	'',
	' ',
	'0',
	'-1',
	'1e309',
	'99999999999999999999',
	'NaN',
	'½',
	'٣',
	'\u0000',
	'\ud800',
	'a\r\nb',
	"'; drop table movement; --",
	'<script>alert(1)</script>',
	'x'.repeat(3900)
];
const fields: Record<string, readonly string[]> = {
	'drop-off': [
		'place',
		'came_on',
		'sacks',
		'method',
		'bags',
		'batches',
		'gross',
		'handfuls',
		'note'
	],
	sorting: ['place', 'kind', 'colour', 'strand', 'drying', 'look_again', 'by_name', 'dried'],
	movement: ['kind', 'colour', 'form', 'direction', 'amount', 'reason', 'note'],
	correction: ['corrects', 'note', 'of'],
	timed: ['work', 'way', 'units', 'people', 'minutes', 'worked_on', 'maker'],
	measurement: ['measure', 'plan', 'counted', 'rows', 'length', 'height', 'mass', 'measured_on'],
	'bag-kind': ['name', 'width', 'gusset', 'body', 'handle', 'handful', 'handful_count', 'kind'],
	nothing: ['field']
};
const sendEntries = (request: APIRequestContext, entries: unknown) =>
	request.post('/api/entries', { data: { entries } });

test('no entry, whatever stands in its fields, is a fault or half kept', async ({ request }) => {
	for (const [type, names] of Object.entries(fields)) {
		const entries = odd.map((text) => ({
			key: crypto.randomUUID(),
			type,
			typed: Object.fromEntries(names.map((name) => [name, text]))
		}));
		const answer = await sendEntries(request, entries);
		expect(answer.status(), type).toBe(200);
		const { answers } = (await answer.json()) as {
			answers: { outcome: string; problems?: Record<string, string> }[];
		};
		for (const { outcome, problems } of answers) {
			expect(outcome, type).toBe('refused');
			for (const sentence of Object.values(problems ?? {})) expect(sentence).toMatch(/[.!?)]$/);
		}
	}
	const answer = await request.get('/gather/lists/movements.csv');
	expect((await answer.text()).trimEnd().split('\r\n')).toHaveLength(1);
});

test('the door of entries says what it does not understand', async ({ request }) => {
	const entry = { key: crypto.randomUUID(), type: 'timed', typed: {} };
	for (const entries of [[], Array.from({ length: 101 }, () => entry), 'entries']) {
		const answer = await sendEntries(request, entries);
		expect(answer.status()).toBe(422);
		expect(((await answer.json()) as { problems: string[] }).problems.length).toBeGreaterThan(0);
	}
	expect((await request.post('/api/entries', { data: '{' })).status()).toBe(400);
});

test('one entry that cannot be read holds up no other', async ({ request }) => {
	const good = {
		key: crypto.randomUUID(),
		type: 'timed',
		typed: { work: 'join', units: '40', people: '1', minutes: '10', worked_on: '2026-11-20' }
	};
	const bad = [
		{ ...good, key: 'x' },
		{ ...good, key: crypto.randomUUID(), typed: { units: 4 } },
		{ ...good, key: crypto.randomUUID(), more: 1 },
		{ ...good, key: crypto.randomUUID(), typed: { ...good.typed, note: 'x'.repeat(4001) } },
		{
			...good,
			key: crypto.randomUUID(),
			type: 'drop-off',
			typed: {
				place: 'Ferry kiosk',
				came_on: '2026-11-20',
				method: 'batches',
				batches: '10000',
				batch_size: '1000'
			}
		},
		4
	];
	const answer = await sendEntries(request, [...bad, good]);
	expect(answer.status()).toBe(200);
	const { answers } = (await answer.json()) as {
		answers: { key: string; outcome: string; problems?: object }[];
	};
	expect(answers.map(({ outcome }) => outcome)).toEqual([...bad.map(() => 'refused'), 'kept']);
	expect(answers[4]?.problems).toHaveProperty('batches');
	expect(answers.at(-1)?.key).toBe(good.key);
});

test('no page of Gather is at a loss over its address', async ({ request }) => {
	const paths = [
		'/gather/store?kind={}&colour={}&form={}',
		'/gather/store?show={}&of={}&in={}&order={}&before={}&back={}',
		'/gather?back={}',
		'/gather/sort?dried={}&back={}',
		'/gather/asks?place={}',
		'/gather/asks/sheet.pdf?place={}&paper={}&large={}',
		'/gather/kinds?again={}',
		'/measures?maker={}'
	];
	for (const path of paths) {
		for (const text of odd) {
			const address = path.replaceAll(
				'{}',
				encodeURIComponent(text.replace('\ud800', '').slice(0, 400))
			);
			const status = (await request.get(address)).status();
			expect(status, address).toBe(text.includes('\0') ? 400 : 200);
		}
	}
	expect((await request.get('/gather/lists/x')).status()).toBe(404);
});

test('no form of Gather is a fault without its fields', async ({ request, app }) => {
	const acts = [
		'/gather?/keep',
		'/gather/sort?/keep',
		'/gather/sort?/none',
		'/gather/sort?/there',
		'/gather/store?/keep',
		'/gather/asks?/want',
		'/gather/kinds?/keep',
		'/gather/kinds?/remove',
		'/gather/lists?/bring',
		'/measures?/keep',
		'/measures?/leave'
	];
	const headers = { origin: app.address, accept: 'text/html' };
	for (const act of acts) {
		for (const text of odd) {
			const form = {
				id: text,
				type: text,
				key: text,
				plan: text,
				mats: text,
				list: text,
				of: text
			};
			const { pathname } = new URL(app.address + act);
			const answer = await request.post(act, { headers, form, maxRedirects: 0 });
			expect(answer.status(), `${pathname} with ${text.slice(0, 20)}`).toBeGreaterThanOrEqual(400);
			expect(answer.status(), `${pathname} with ${text.slice(0, 20)}`).toBeLessThan(500);
		}
	}
});

test('no form is a fault where its body breaks off', async ({ request, app }) => {
	const acts = [
		'/gather?/keep',
		'/gather/sort?/looked',
		'/gather/asks?/want',
		'/gather/kinds?/remove',
		'/gather/lists?/bring',
		'/measures?/keep',
		'/measures?/leave',
		'/plan?/keep',
		'/plans?/delete',
		'/settings?/words'
	];
	for (const act of acts) {
		const answer = await request.post(act, {
			headers: {
				origin: app.address,
				accept: 'text/html',
				'content-type': 'multipart/form-data; boundary=here'
			},
			data: '--here\r\ncontent-disposition: form-data; name="type"\r\n\r\ntim',
			maxRedirects: 0
		});
		expect(answer.status(), act).toBeLessThan(500);
	}
});

test('two tablets that sort at once both keep everything', async ({ browser, app }) => {
	const tablets = await Promise.all([1, 2].map(async () => (await browser.newContext()).newPage()));
	await Promise.all(
		tablets.map(async (page, tablet) => {
			await page.goto(`${app.address}/gather/sort`);
			await ready(page);
			for (let pile = 1; pile <= 5; pile++) {
				await page.getByLabel(gatherWords.SortingForm.bagsFrom()).fill('Ferry kiosk');
				await page.getByLabel(gatherWords.KindColour.colour()).selectOption('pink');
				await page
					.getByLabel(gatherWords.SortingForm.goodForStrand())
					.fill(String(10 * pile + tablet));
				await page.getByRole('button', { name: gatherWords.SortingForm.intoTheStore() }).dblclick();
				await expect(page.getByText(`Saved: ${10 * pile + tablet} pink bags`)).toBeVisible();
			}
		})
	);
	const [page] = tablets;
	if (!page) throw new Error('there is no tablet');
	await page.goto(`${app.address}/gather/store?in=pink`);
	await expect(page.locator('[data-amount]')).toHaveText('305');
	await Promise.all(tablets.map((each) => each.context().close()));
});

test('what is typed survives a refusal, and looking at another part of the store', async ({
	page
}) => {
	await page.goto('/gather/store?table=yes');
	await ready(page);
	await page.getByLabel(gatherWords.MovementForm.direction()).selectOption('in');
	await page.getByLabel(gatherWords.LineHistory.howMuch()).fill('7');
	await page.getByRole('button', { name: gatherWords.MovementForm.saveMovement() }).click();
	await expect(page.getByText(/Saved: 7/)).toBeVisible();
	await page.getByLabel(gatherWords.LineHistory.howMuch()).fill('a few');
	await page.getByLabel(gatherWords.DropOffForm.note(), { exact: true }).fill('from the shelf');
	await page.getByRole('button', { name: gatherWords.MovementForm.saveMovement() }).click();
	await expect(page.locator('#movement-amount-problem')).toContainText('“a few” is not a whole');
	await expect(page.getByLabel(gatherWords.DropOffForm.note(), { exact: true })).toHaveValue(
		'from the shelf'
	);
	await page.getByLabel(gatherWords.StoreTable.show()).selectOption('ball');
	await page.waitForURL(/show=ball/);
	await expect(page.getByLabel(gatherWords.DropOffForm.note(), { exact: true })).toHaveValue(
		'from the shelf'
	);
});
