import * as gatherWords from '../../src/lib/words/gather';
import * as makingWords from '../../src/lib/words/making';
import * as measuresWords from '../../src/lib/words/measures';
import * as planWords from '../../src/lib/words/plan';
import * as prepareWords from '../../src/lib/words/prepare';
import type { Page } from '@playwright/test';
import {
	expect,
	expectAccessible,
	keep,
	openStep,
	choose,
	ready,
	test,
	goOffline,
	quiet
} from './app';
import { wordsOf } from './pdf';
import { put, rows, sent } from './table-world';

test.describe.configure({ mode: 'serial' });
test.use({
	world: 'make',
	allowed: ['ERR_INTERNET_DISCONNECTED', 'Failed to fetch', '422', '404', '409']
});

const count = (page: Page) => page.locator('[data-count]');
let code = '';

test.beforeAll(async ({ apps, browser }) => {
	const app = await apps('make');
	const page = await browser.newPage({ baseURL: app.address });
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'Mat for the Tide House');
	const techniques = [
		['peg-loom', 'Loom mat'],
		['finger-bands', 'Bands'],
		['twined', 'Frame mat']
	] as const;
	for (const [technique, name] of techniques) {
		await page.goto('/plan');
		await ready(page);
		await openStep(page, 'Technique');
		await choose(page, 'technique', technique);
		await keep(page, name);
	}
	for (const name of ['Mabel', 'Odo'])
		await rows(
			app,
			`insert into person (group_id, id, name)
			 select id, gen_random_uuid(), $1 from volunteer_group`,
			[name]
		);
	await page.close();
});

/** Begins a mat by a plan, and gives the code of its label. */
async function begin(page: Page, plan: string, maker: string): Promise<string> {
	await page.goto('/make');
	await ready(page);
	const codes = () =>
		page
			.locator('[data-mat]')
			.evaluateAll((all) => all.map((one) => one.getAttribute('data-mat') ?? ''));
	const before = await codes();
	await page
		.getByLabel(makingWords.BeginForm.plan(), { exact: true })
		.selectOption({ label: plan });
	await page.getByLabel(makingWords.BeginForm.maker()).selectOption({ label: maker });
	await page.getByRole('button', { name: makingWords.BeginForm.start(), exact: true }).click();
	await expect(page.locator('[data-mat]')).toHaveCount(before.length + 1);
	return (await codes()).find((one) => !before.includes(one)) ?? '';
}

/** Makes a ball of what lies on the table. */
async function windBall(page: Page): Promise<void> {
	await page.goto('/prepare');
	await ready(page);
	await page
		.getByLabel(prepareWords.WorkPanel.cutAndJoinedFor())
		.selectOption({ label: 'Mat for the Tide House' });
	for (const name of ['Flatten', 'Cut', 'Join', 'Ball of']) {
		await page.getByRole('button', { name }).first().click();
		await expect(page.locator('[data-said]')).toContainText(planWords.PlansPage.saved());
	}
}

test('a mat is begun by a plan, and stands among those being made, to scale', async ({ page }) => {
	code = await begin(page, 'Mat for the Tide House', 'Mabel');
	const mat = page.locator(`[data-mat="${code}"]`);
	await expect(mat).toHaveAttribute('data-need', 'begin');
	await expect(mat).toContainText('Mabel');
	await expect(mat).toContainText('row 0 of 211');
	await expect(mat.getByRole('img')).toHaveAttribute('aria-label', 'The mat so far: row 0 of 211');
	await expectAccessible(page);
});

test('rows are counted by tap, by key and by number, and one is undone', async ({ page }) => {
	await page.goto(`/make/${code}`);
	await ready(page);
	await page.locator('[data-back]').click();
	await expect(page.getByText(makingWords.RowCounter.noRowIsMadeHere())).toBeVisible();
	await page.locator('[data-row]').click();
	await expect(count(page)).toHaveText('1');
	await expect(page.locator('[data-said]')).toHaveText('Saved: row 1.');
	// A pedal is a keyboard with one key.
	await page.keyboard.press('PageDown');
	await expect(count(page)).toHaveText('2');
	await expect(page.locator('[data-said]')).toHaveText('Saved: row 2.');
	// A row counter that hangs on the work, as its stand-in says it.
	await page.evaluate(() => window.dispatchEvent(new Event('row-counter')));
	await expect(page.locator('[data-said]')).toHaveText('Saved: row 3.');
	await page.locator('[data-back]').click();
	await expect(page.locator('[data-said]')).toHaveText('Saved: one back, to row 2.');
	await page.locator('[data-back]').click();
	await expect(count(page)).toHaveText('1');
	for (const [typed, said] of [
		['eighty', makingWords.RowCounter.typeANumberOfRows()],
		['10000', 'Its plan has 211 rows; 10000 is too many.']
	] as const) {
		await page.getByLabel(makingWords.RowCounter.toRow()).fill(typed);
		await page
			.getByRole('button', { name: makingWords.RowCounter.saveRows(), exact: true })
			.click();
		await expect(page.getByRole('alert')).toHaveText(said);
		await expect(page.getByLabel(makingWords.RowCounter.toRow())).toHaveValue(typed);
	}
	await page.getByLabel(makingWords.RowCounter.toRow()).fill('88');
	await page.getByRole('button', { name: makingWords.RowCounter.saveRows(), exact: true }).click();
	await expect(page.locator('[data-said]')).toHaveText('Saved: to row 88.');
	await expect(page.getByLabel(makingWords.RowCounter.toRow())).toHaveValue('');
	await page.reload();
	await ready(page);
	await expect(count(page)).toHaveText('88');
	await expectAccessible(page);
});

test('what is counted goes back for nobody who reads the page meanwhile', async ({ page }) => {
	await page.goto(`/make/${code}`);
	await ready(page);
	const before = Number(await count(page).textContent());
	// What the page is read with is answered at once, and comes late: a row is kept meanwhile.
	await page.route(/__data\.json/, async (route) => {
		const response = await route.fetch();
		await new Promise((resolve) => setTimeout(resolve, 800));
		await route.fulfill({ response });
	});
	await count(page).evaluate((element) => {
		const seen: string[] = [];
		Object.assign(window, { seen });
		const look = () => seen.push(element.textContent);
		new MutationObserver(look).observe(element, { characterData: true, subtree: true });
	});
	const said = page.locator('[data-said]');
	await page.locator('[data-row]').click();
	await expect(said).toHaveText(`Saved: row ${before + 1}.`);
	await page.locator('[data-row]').click();
	await expect(said).toHaveText(`Saved: row ${before + 2}.`);
	await page.waitForResponse(/__data\.json/);
	await page.locator('[data-back]').click();
	await expect(said).toHaveText(`Saved: one back, to row ${before + 1}.`);
	await page.locator('[data-back]').click();
	await expect(said).toHaveText(`Saved: one back, to row ${before}.`);
	await quiet(page);
	const seen = await page.evaluate(() => (window as unknown as { seen: string[] }).seen);
	expect(seen.map(Number)).toEqual([before + 1, before + 2, before + 1, before]);
	// One more reading may be on its way.
	await page.unrouteAll({ behavior: 'ignoreErrors' });
});

test('two phones on one mat, one without network: no row is lost and none counts twice', async ({
	page,
	browser,
	app
}) => {
	const other = await browser.newPage({
		baseURL: app.address,
		viewport: { width: 390, height: 844 }
	});
	for (const one of [page, other]) {
		await one.goto(`/make/${code}`);
		await ready(one);
	}
	await goOffline(other);
	for (const made of [89, 90, 91]) {
		await other.locator('[data-row]').click();
		await expect(count(other)).toHaveText(String(made));
	}
	await expect(other.locator('[data-said]')).toContainText(
		prepareWords.trestle.waitingOnThisDevice()
	);
	await page.locator('[data-row]').click();
	await expect(page.locator('[data-said]')).toHaveText('Saved: row 89.');
	// What the one says, the other's rows were not seen by: they count on.
	await page.getByLabel(makingWords.RowCounter.toRow()).fill('100');
	await page.getByRole('button', { name: makingWords.RowCounter.saveRows(), exact: true }).click();
	await expect(page.locator('[data-said]')).toHaveText('Saved: to row 100.');
	await other.context().setOffline(false);
	await expect
		.poll(
			async () => {
				await page.reload();
				return count(page).textContent();
			},
			{ timeout: 20_000 }
		)
		.toBe('103');
	await other.reload();
	await ready(other);
	await expect(count(other)).toHaveText('103');
	await other.close();
	await page.setViewportSize({ width: 390, height: 844 });
	await expectAccessible(page, 'width');
});

test('a mat is passed on, and its rows go with it', async ({ page }) => {
	await page.goto(`/make/${code}`);
	await ready(page);
	await page.getByLabel(makingWords.MakeCodePage.newMaker()).selectOption({ label: 'Odo' });
	await page.getByRole('button', { name: makingWords.MakeCodePage.passItOn() }).click();
	await expect(page.getByRole('heading', { name: `Odo · ${code}` })).toBeVisible();
	await expect(count(page)).toHaveText('103');
});

test('a loom is counted from each end, and says what still fits', async ({ page }) => {
	const loom = await begin(page, 'Loom mat', 'at the table');
	await page.goto(`/make/${loom}`);
	await ready(page);
	const [, total = '0'] =
		/of (\d+) rows/.exec((await page.locator('section[aria-label=Rows]').textContent()) ?? '') ??
		[];
	await page.locator('[data-row]').click();
	await expect(page.locator('[data-next]')).toContainText('The next pass starts under.');
	await page.getByRole('radio', { name: /far end/ }).check();
	await expect(page.locator('[data-next]')).toContainText('The next pass starts over.');
	for (const made of [2, 3]) {
		await page.locator('[data-row]').click();
		await expect(count(page)).toHaveText(String(made));
	}
	await expect(page.getByText('far end, 2 rows')).toBeVisible();
	await expect(page.locator('[data-gap]')).toHaveText(
		`${Number(total) - 3} rows still fit between the ends.`
	);
});

test('bands are counted one after the other', async ({ page }) => {
	const bands = await begin(page, 'Bands', 'Odo');
	await page.goto(`/make/${bands}`);
	await ready(page);
	const rowsText = page.locator('section[aria-label=Rows]');
	const [, each = '0'] = /next its row 1 of (\d+)/.exec((await rowsText.textContent()) ?? '') ?? [];
	await page.getByLabel(makingWords.RowCounter.toRow()).fill(String(Number(each) + 1));
	await page.getByRole('button', { name: makingWords.RowCounter.saveRows(), exact: true }).click();
	await expect(rowsText).toContainText(/band\s+2 of \d+,\s+next its row 2/);
	await expect(page.locator('[data-next]')).toContainText(
		'At every turn, link it into the edge of band 1.'
	);
});

test('a frame is counted panel by panel, its first and last row under the nails', async ({
	page
}) => {
	const frame = await begin(page, 'Frame mat', 'Odo');
	await page.goto(`/make/${frame}`);
	await ready(page);
	await expect(page.locator('[data-next]')).toContainText(
		makingWords.RowCounter.thisRowPassesUnderEach()
	);
	await page.locator('[data-row]').click();
	await expect(count(page)).toHaveText('1');
	await expect(page.locator('[data-next]')).not.toContainText('nail');
	await expect(page.locator('section[aria-label=Rows]')).toContainText(/of \d+ rows/);
});

test('a mat that is none is said, and no link leads to another', async ({ page }) => {
	const answer = await page.goto('/make/ABCDE');
	expect(answer?.status()).toBe(404);
	await expect(page.getByText(makingWords.MakeCodeActs.noMatInHandHas())).toBeVisible();
});

test.describe('without scripts', () => {
	test.use({ javaScriptEnabled: false });
	test('a row can be counted', async ({ page }) => {
		await page.goto(`/make/${code}`);
		await expect(count(page)).toHaveText('103');
		await page.getByRole('button', { name: makingWords.RowCounter.rowDone() }).click();
		await expect(count(page)).toHaveText('104');
	});
});

test('a ball is given by its label, and what the mat still takes is said', async ({
	page,
	request,
	app
}) => {
	await put(app, request, 'blue', 40);
	await windBall(page);
	// The pile shows it before the book has it: its label is known once it is kept.
	const wound = () =>
		rows<{ code: string }>(
			app,
			`select code from thing where sort = 'ball' order by id desc limit 1`
		);
	await expect.poll(async () => (await wound()).length).toBe(1);
	const [ball] = await wound();
	await page.goto(`/make/${code}`);
	await ready(page);
	const label = page.getByLabel(makingWords.StrandInHand.theBallsLabel());
	await label.fill('ABC');
	await page.getByRole('button', { name: makingWords.StrandInHand.give2(), exact: true }).click();
	await expect(label).toHaveAttribute('aria-invalid', 'true');
	await label.fill(ball?.code ?? '');
	await page.getByRole('button', { name: makingWords.StrandInHand.give2(), exact: true }).click();
	await expect(page.getByRole('link', { name: `${ball?.code}, blue` })).toBeVisible();
	await page.reload();
	await expect(page.getByRole('link', { name: `${ball?.code}, blue` })).toBeVisible();
});

test('balls are chosen so that the stripes come out, and where a colour will not do a way out is taken', async ({
	page,
	request,
	app
}) => {
	await put(app, request, 'blue', 40);
	await windBall(page);
	const lying = () =>
		rows<{ code: string; metres: number; grams: number }>(
			app,
			`select t.code, (t.content -> 'metres' ->> 'expected')::float8 as metres,
				(t.content ->> 'filmMg')::float8 / 1000 as grams
			 from lying l join thing t on t.group_id = l.group_id and t.id = l.thing_id order by t.id`
		);
	await expect.poll(async () => (await lying()).length).toBe(1);
	const [ball] = await lying();
	const mat = await begin(page, 'Mat for the Tide House', 'Odo');
	await sent(page, 'stripes', { mat, stripes: 'white 205, blue 3, green 3' });
	await sent(page, 'rows', { mat, to: '205' });
	await page.goto(`/make/${mat}`);
	await ready(page);
	await expect(page.locator('[data-offered]')).toHaveAttribute('data-offered', ball?.code ?? '');
	await page
		.getByRole('button', {
			name: makingWords.StrandInHand.give({ part: makingWords.StrandInHand.thatOne() })
		})
		.click();
	await expect(
		page.locator('[data-balls=blue]').getByRole('link', { name: ball?.code ?? '?' })
	).toBeVisible();
	// Blue does for its three rows and for those of green: without green there are three ways on.
	await expect(page.locator('[data-says]')).toHaveText('green ends in row 209');
	await expect(page.locator('[data-next]')).toContainText('Next: blue, to row 208.');
	const ways = page.locator('[data-way]');
	await expect(ways).toHaveCount(3);
	await expect(page.locator('[data-way=mirror]')).toContainText('Mirror it from row 209');
	await expectAccessible(page);
	// What is left is said before it is kept.
	await page
		.getByLabel(makingWords.WeighBall.weight())
		.fill(`${((ball?.grams ?? 0) / 2).toFixed(1)} g`);
	const half = (ball?.metres ?? 0) / 2;
	await expect(page.locator('[data-left]')).toContainText(`${Math.round(half)} m left`);
	await page.getByRole('button', { name: makingWords.WeighBall.readFromAScale() }).click();
	await page.getByLabel('On the scale, g').fill('60');
	await page.getByRole('button', { name: gatherWords.StandInScale.putItOn() }).click();
	await page.getByRole('button', { name: makingWords.WeighBall.useIt() }).click();
	await expect(page.getByLabel(makingWords.WeighBall.weight())).toHaveValue(/^(59\.9|60|60\.1) g$/);
	await page
		.locator('form', {
			has: page.getByRole('heading', { name: makingWords.WeighBall.weighWhatIsLeft() })
		})
		.getByRole('button', { name: makingWords.WeighBall.saveWeight(), exact: true })
		.click();
	await expect(page.locator('[data-colour=blue]')).not.toContainText(
		`${Math.round(ball?.metres ?? 0)} m at hand`
	);
	await page
		.locator('[data-way=spread]')
		.getByRole('button', { name: makingWords.WaysOut.carryOn() })
		.click();
	await expect(ways).toHaveCount(0);
	await expect(page.locator('[data-says]')).toHaveCount(0);
	const [kept] = await rows<{ stripes: string }>(
		app,
		`select typed ->> 'stripes' as stripes from entry where type = 'stripes' order by id desc limit 1`
	);
	expect(kept?.stripes).toBe('white 205, blue 6');
});

test('a mat that is measured says how long it gets and that it narrows, and goes on by that', async ({
	page
}) => {
	const mat = await begin(page, 'Mat for the Tide House', 'Odo');
	await sent(page, 'rows', { mat, to: '150' });
	for (const [row, width] of [
		['20', '85.2'],
		['60', '84'],
		['100', '82.5']
	] as const)
		await sent(page, 'mat-size', { mat, row, width });
	await page.goto(`/make/${mat}`);
	await ready(page);
	await page.getByLabel(makingWords.MatSays.lengthSoFar()).fill('long');
	const measure = page.locator('form', {
		has: page.getByRole('heading', { name: makingWords.MatSays.measureIt() })
	});
	await measure.getByRole('button', { name: makingWords.MatSays.saveSize(), exact: true }).click();
	await expect(page.getByLabel(makingWords.MatSays.lengthSoFar())).toHaveAttribute(
		'aria-invalid',
		'true'
	);
	await expect(page.getByLabel(makingWords.MatSays.lengthSoFar())).toHaveValue('long');
	await page.getByLabel(makingWords.MatSays.lengthSoFar()).fill('120 cm');
	await page.getByLabel(makingWords.MatSays.widthThere()).fill('81 cm');
	await measure.getByRole('button', { name: makingWords.MatSays.saveSize(), exact: true }).click();
	await expect(page.locator('[data-course]')).toContainText('narrows');
	await expect(page.locator('[data-course]')).toContainText(/stitch(es)? lost since row/);
	// Rows of 8 mm: 185 cm take 231 of them, whatever is learned of rows by that.
	await expect(page.locator('[data-height]')).toContainText('rows are 8.0 mm high');
	await expect(page.locator('[data-height]')).toContainText('20 rows more');
	await page.getByRole('button', { name: 'Make it 231 rows' }).click();
	await expect(page.locator('section[aria-label=Rows]')).toContainText('of 231 rows');
	await page.goto('/measures');
	await expect(page.getByText(measuresWords.measureWords.swatch()).first()).toBeVisible();
	await page.goto('/make');
	await expect(page.locator(`[data-mat="${mat}"]`)).toHaveAttribute('data-need', 'narrows');
	await expect(
		page
			.locator(`[data-mat="${mat}"]`)
			.getByRole('link', { name: makingWords.matWords.showTheLastStitch() })
	).toBeVisible();
});

test('a mat that stands still is asked after, kindly, once', async ({ page, app }) => {
	const mat = await begin(page, 'Mat for the Tide House', 'Odo');
	await rows(app, 'alter table entry disable trigger user');
	await rows(
		app,
		`update entry set typed_at = now() - interval '30 days' where id = (select entry_id from thing where code = $1)`,
		[mat]
	);
	await rows(app, 'alter table entry enable trigger user');
	await page.goto('/make');
	await ready(page);
	const line = page.locator(`[data-mat="${mat}"]`);
	await expect(line).toHaveAttribute('data-need', 'ask');
	await line.getByRole('button', { name: 'Write to Odo' }).click();
	await expect(line.getByRole('status')).toHaveText(makingWords.NeedAct.writtenItLiesInThe());
	// Pressed once it is done with; a page that is read anew asks again, and is refused.
	await page.reload();
	await ready(page);
	await line.getByRole('button', { name: 'Write to Odo' }).click();
	await expect(line.getByRole('status')).toContainText('already got a message');
	await page.goto('/make/outbox');
	await expect(page.locator(`[data-message="${mat}"]`)).toHaveCount(1);
	await expect(page.locator(`[data-message="${mat}"]`)).toContainText('Odo');
	await expectAccessible(page);
});

test('how the ends of a loom began says whether they meet as opposites', async ({ page }) => {
	const loom = await begin(page, 'Loom mat', 'at the table');
	await sent(page, 'rows', { mat: loom, side: 'near', to: '3' });
	await sent(page, 'rows', { mat: loom, side: 'far', to: '2' });
	await page.goto(`/make/${loom}`);
	await ready(page);
	const meeting = page.locator('[data-meeting]');
	const before = await meeting.getAttribute('data-meeting');
	await page.getByRole('button', { name: 'No, it went under' }).click();
	await expect(meeting).toHaveAttribute('data-meeting', before === 'fine' ? 'add-row' : 'fine');
	// Three rows from an end that began under: the next is under again after three.
	await expect(page.locator('[data-next]')).toContainText('The next pass starts over.');
	await page.reload();
	await expect(meeting).toHaveAttribute('data-meeting', before === 'fine' ? 'add-row' : 'fine');
});

test('a mat on paper is ticked from where it stands', async ({ page, request }) => {
	const words = async (path: string) => wordsOf(await (await request.get(path)).body());
	const crochet = await begin(page, 'Mat for the Tide House', 'Odo');
	await sent(page, 'rows', { mat: crochet, to: '205' });
	const sheet = await words(`/make/${crochet}/rows.pdf`);
	expect(sheet).toContain(`The mat ${crochet}, row by row`);
	for (const row of [206, 211]) expect(sheet).toContain(` ${row} `);
	expect(sheet).not.toContain(' 204 ');
	const bands = await begin(page, 'Bands', 'Odo');
	expect(await words(`/make/${bands}/rows.pdf?paper=letter`)).toContain('Rows of band 1');
	const loom = await begin(page, 'Loom mat', 'at the table');
	const both = await words(`/make/${loom}/rows.pdf?large=yes`);
	expect(both).toContain('Rows from the near end');
	expect(both).toContain('Rows from the far end');
	expect((await request.get('/make/ABCDE/rows.pdf')).status()).toBe(404);
});
