import * as planWords from '../../src/lib/words/plan';
import type { Page } from '@playwright/test';
import { choose, expect, keep, openStep, ready, test } from './app';
import { wordsOf } from './pdf';

test.use({ world: 'paper' });

const techniques = [
	['crochet', 'crochet'],
	['peg-loom', 'loom'],
	['twined', 'frame'],
	['finger-bands', 'bands']
] as const;
const figures = ['toCollect', 'toPrepare', 'strandM', 'balls', 'joints', 'hours', 'matKg', 'cover'];

/** Every figure of the tally with its unit and its interval, as the bench shows them. */
const shownOn = (page: Page) =>
	page.evaluate((names) => {
		const part = (name: string, of: string) =>
			document.querySelector(`[data-tally=${name}] ${of}`)?.textContent?.trim() ?? '';
		return names.map((name) => ({
			value: part(name, '[data-figure]'),
			interval: part(name, '[data-interval]')
		}));
	}, figures);

const sheet = async (page: Page, name: string) => {
	const href = await page.locator(`[data-sheet=${name}]`).getAttribute('href');
	const from = performance.now();
	const answer = await page.request.get(`${href}`);
	expect(answer.status()).toBe(200);
	return { words: await wordsOf(await answer.body()), tookMs: performance.now() - from };
};

/** The group's own stitches, so that every figure rests on measures. */
test.beforeAll(async ({ apps, browser }) => {
	const app = await apps('paper');
	const page = await browser.newPage({ baseURL: app.address });
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'A mat to measure on');
	const plan = new URL(page.url()).pathname.split('/').at(-1) ?? '';
	const typed = {
		measure: 'swatch',
		plan,
		maker: 'Odo',
		measured_on: '2026-11-20',
		counted: '20',
		rows: '18',
		length: '21 cm',
		height: '17.5 cm'
	};
	const kept = await page.request.post('/api/entries', {
		data: { entries: [{ key: crypto.randomUUID(), type: 'measurement', typed }] }
	});
	expect(await kept.text()).toContain('kept');
	await page.close();
});

for (const system of ['cm', 'ft'] as const) {
	for (const [technique, maker] of techniques) {
		test(`on paper as on the bench: ${technique}, in ${system}, with measures`, async ({
			page,
			context,
			app
		}) => {
			await context.addCookies([{ name: 'lengths', value: system, url: app.address }]);
			await page.goto('/plan');
			await ready(page);
			await openStep(page, 'Technique');
			if (technique !== 'crochet') await choose(page, 'technique', technique);
			await expect(page.locator('[data-basis]')).toContainText('own measures');
			// What is drawn follows the choice by a frame: the step's own line says when it has.
			const head = page.locator('[data-step=technique] summary');
			await openStep(page, 'Size');
			await expect(head).not.toHaveText(/^\s*5\s*Technique\s*$/);
			await openStep(page, 'Technique');
			await page.evaluate(() => new Promise((done) => setTimeout(done, 300)));
			const said = await page
				.locator('[data-drawing=technique] svg[role=img]')
				.first()
				.getAttribute('aria-label');
			await page.getByRole('button', { name: planWords.PaperView.print(), exact: true }).click();
			const shown = await shownOn(page);
			const plan = await sheet(page, 'plan');
			for (const { value, interval } of shown) {
				expect(value).not.toBe('');
				expect(plan.words).toContain(value);
				expect(plan.words).toContain(`range ${interval}`);
			}
			expect(plan.words).toContain('own measures');
			const made = await sheet(page, maker);
			// The counts that the drawing on the screen says aloud are the ones on the maker's sheet.
			const counts =
				(said ?? '').match(/\b\d+(?= (?:rows|pegs|nails|bands|stitches|strands))/g) ?? [];
			expect(counts.length).toBeGreaterThan(0);
			for (const count of counts) expect(made.words).toContain(count);
			expect(made.words).toMatch(system === 'ft' ? /\d ft|\d in/ : /\d (cm|mm)/);
			expect(made.words).not.toMatch(system === 'ft' ? /\d cm\b/ : /\d in\b/);
			const cutting = await sheet(page, 'cutting');
			expect(cutting.words).toContain(shown[1]?.value ?? '');
		});
	}
}

test('a sheet is a tenth of a second’s work once the first is drawn, and is there without scripts', async ({
	browser,
	app
}) => {
	const context = await browser.newContext({ baseURL: app.address, javaScriptEnabled: false });
	const page = await context.newPage();
	await page.goto('/plan');
	const links = page
		.getByRole('list', { name: planWords.PaperView.print(), exact: true })
		.getByRole('link');
	await expect(links).toHaveText([
		planWords.sheets.planSheet(),
		planWords.sheets.cuttingSheet(),
		planWords.sheets.crochetSheet()
	]);
	for (const link of await links.all()) {
		const answer = await page.request.get(`${await link.getAttribute('href')}`);
		expect(answer.headers()['content-type']).toBe('application/pdf');
		expect((await wordsOf(await answer.body())).length).toBeGreaterThan(200);
	}
	await context.close();
});

test('the loom and the frame sheet tell every step to whoever has never seen the screen', async ({
	page
}) => {
	for (const [technique, maker, steps] of [
		[
			'peg-loom',
			'loom',
			[
				/Set up the loom: 35 pegs/,
				/Load the warp: 37 strands/,
				/Weave: over one strand/,
				/Pack every row firm/,
				/Finish: pull the rods out/
			]
		],
		[
			'twined',
			'frame',
			[
				/Set up the frame: 61 nails at each end/,
				/Wind the warp/,
				/Twine with a pair/,
				/The first row passes under the loop at every nail/,
				/back stitches/
			]
		]
	] as const) {
		await page.goto('/plan');
		await ready(page);
		await openStep(page, 'Technique');
		await choose(page, 'technique', technique);
		await page.getByRole('button', { name: planWords.PaperView.print(), exact: true }).click();
		const { words } = await sheet(page, maker);
		for (const step of steps) expect(words).toMatch(step);
	}
});
