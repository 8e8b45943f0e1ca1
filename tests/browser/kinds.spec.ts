import * as handOverWords from '../../src/lib/words/hand-over';
import * as planWords from '../../src/lib/words/plan';
import { choose, expect, expectAccessible, keep, openStep, ready, tally, test } from './app';
import { wordsOf } from './pdf';
import { rows, sent } from './table-world';

test.describe.configure({ mode: 'serial' });
test.use({ world: 'kinds', allowed: ['422'] });

interface KindAnswer {
	readonly share: number;
	readonly pieces_per_bag: number;
	readonly bags_to_prepare: number;
	readonly short: number;
}

test('a mat of two kinds says the same on the bench, through the door and on paper', async ({
	page,
	request
}) => {
	await page.goto('/plan');
	await ready(page);
	const alone = Number(await tally(page, 'toPrepare').textContent());
	const step = await openStep(page, 'Bag');
	await step.getByText(planWords.BagStep.moreKinds()).click();
	await step.locator('[data-add]').first().click();
	const kinds = step.locator('[data-kind]');
	await expect(kinds).toHaveCount(2);
	await expect(step.locator('[data-order]')).toHaveAttribute('data-order', /^[12]( [12]){11}$/);
	await step.getByLabel(planWords.MixKinds.share({ nth: 2 })).fill('25');
	await expect(tally(page, 'toPrepare')).not.toHaveText(String(alone));
	await expectAccessible(page);
	await keep(page, 'Two kinds');
	await openStep(page, 'Bag');
	const file = (await (await request.get(`${new URL(page.url()).pathname}/file`)).json()) as {
		version: number;
		plan: { mix: { by: string; also: unknown[] } };
	};
	expect(file.version).toBe(2);
	expect(file.plan.mix).toMatchObject({ by: 'share', also: [{ amount: 0.25 }] });
	const answer = (await (await request.post('/api/estimate', { data: file })).json()) as {
		to_prepare: { expected: number };
		kinds: KindAnswer[];
	};
	expect(answer.kinds.map(({ share }) => share.toFixed(3))).toEqual(['0.667', '0.333']);
	for (const [nth, kind] of answer.kinds.entries())
		await expect(kinds.nth(nth).locator('[data-bags]')).toContainText(
			String(Math.ceil(kind.bags_to_prepare))
		);
	await expect(tally(page, 'toPrepare')).toHaveText(String(Math.ceil(answer.to_prepare.expected)));
	// A card for each kind on the cutting sheet, with the same bags.
	const word = Buffer.from(JSON.stringify(file.plan)).toString('base64url');
	const words = await wordsOf(await (await request.get(`/sheets/cutting.pdf?p=${word}`)).body());
	for (const kind of answer.kinds)
		expect(words).toContain(`${String(Math.ceil(kind.bags_to_prepare))} bags`);
	await page.reload();
	await ready(page);
	await expect(tally(page, 'toPrepare')).toHaveText(String(Math.ceil(answer.to_prepare.expected)));
});

test('bags on hand answer their shares and say which run short', async ({ page }) => {
	await page.goto('/plan');
	await ready(page);
	const step = await openStep(page, 'Bag');
	await step.getByText(planWords.BagStep.moreKinds()).click();
	await step.locator('[data-add]').first().click();
	await step.getByLabel(planWords.MixKinds.counts()).check();
	await step.getByLabel(planWords.MixKinds.bags({ nth: 1 })).fill('100');
	await step.getByLabel(planWords.MixKinds.bags({ nth: 2 })).fill('10');
	await expect(step.locator('[data-kind="1"]')).toContainText('short');
	await step.getByLabel(planWords.MixKinds.bags({ nth: 1 })).fill('5000');
	await step.getByLabel(planWords.MixKinds.bags({ nth: 2 })).fill('500');
	await expect(step.locator('[data-kind="1"]')).not.toContainText('short');
	await step.getByRole('button', { name: planWords.MixKinds.remove({ nth: 2 }) }).click();
	await expect(tally(page, 'toCollect')).toHaveText('624');
});

test('a hook is chosen by what it is for, with what the mat then takes', async ({ page }) => {
	await page.goto('/plan');
	await ready(page);
	const step = await openStep(page, 'Technique');
	const bags = () => tally(page, 'toCollect').textContent().then(Number);
	const usual = await bags();
	await step.locator('[data-intent=dense]').click();
	await expect(step.locator('[data-intent=dense]')).toHaveAttribute('aria-pressed', 'true');
	const dense = await bags();
	await step.locator('[data-intent=loose]').click();
	await expect(step.locator('[data-intent=loose]')).toHaveAttribute('aria-pressed', 'true');
	const loose = await bags();
	expect(dense).toBeGreaterThan(usual);
	expect(loose).toBeLessThan(usual);
	await choose(page, 'stitch', 'dc');
	await expect(step.locator('[data-intent]')).toHaveCount(3);
});

test('a sack of mixed bags gives its mats at once, and what is typed stays in the address', async ({
	page
}) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await page.goto('/plan/sack');
	await ready(page);
	await expect(page.locator('[data-mats]')).toHaveCount(0);
	const sacks = page.locator('[data-sack]');
	await expect(sacks).toHaveCount(3);
	for (let tap = 0; tap < 3; tap++) await sacks.first().getByRole('button').first().click();
	await expect(sacks.first().getByRole('textbox')).toHaveValue('60');
	await sacks.nth(1).getByRole('textbox').fill('300');
	const mats = page.locator('[data-mats]');
	const both = Number(await mats.getAttribute('data-mats'));
	expect(both).toBeGreaterThan(0.5);
	await expect(page.locator('[data-together]')).toHaveCount(2);
	await page.getByText(planWords.FromSack.leavingOut()).click();
	await expect(page.locator('[data-without]')).toHaveCount(2);
	await sacks.nth(1).getByRole('textbox').fill('30x');
	await expect(sacks.nth(1).getByRole('textbox')).toHaveAttribute('aria-invalid', 'true');
	await sacks.nth(1).getByRole('textbox').fill('300');
	await expectAccessible(page);
	await page.reload();
	await ready(page);
	await expect(mats).toHaveAttribute('data-mats', both.toFixed(2));
	await page.getByRole('link', { name: planWords.FromSack.planThisMat() }).click();
	await ready(page);
	await expect(page.locator('[data-step=bag] summary').first()).toContainText('1 more kind');
});

test('other ways work out their own sums for the bag that is chosen', async ({ page }) => {
	await page.goto('/plan/ways');
	await ready(page);
	const way = page.locator('[data-way=counted]');
	await way.locator('summary').click();
	const figure = (label: string) => way.locator(`[data-figure="${label}"]`);
	await way.locator('[data-field=nails]').fill('10');
	await way.locator('[data-field=loops]').fill('4');
	await expect(figure(planWords.OtherWays.loopsInAll())).toHaveText('40');
	await expect(figure(planWords.OtherWays.bags())).toHaveText('20');
	await way.locator('[data-field=nails]').fill('0');
	await expect(way.locator('[data-refused]')).toBeVisible();
	await way.locator('[data-field=nails]').fill('ten');
	await expect(way.locator('[data-field=nails]')).toHaveAttribute('aria-invalid', 'true');
	await expectAccessible(page);
});

test('a mat is judged by what the places accept, and the answer names those that take it', async ({
	page,
	apps
}) => {
	const app = await apps('kinds');
	await page.goto('/places');
	await ready(page);
	const { origin } = new URL(page.url());
	for (const name of ['Tide House', 'Hill Rooms'])
		await page.request.post('/places?/receiving', { form: { name }, headers: { origin } });
	await page.goto('/hand-over/asks');
	await ready(page);
	const place = page.locator('[data-place="Hill Rooms"]');
	await place.locator('summary').click();
	const least = place.getByLabel(handOverWords.PlaceForm.shortest());
	const most = place.getByLabel(handOverWords.PlaceForm.longest());
	const save = place.getByRole('button', { name: handOverWords.PlaceForm.savePlace() });
	await least.fill('200 cm');
	await most.fill('180 cm');
	await save.click();
	await expect(most).toHaveAttribute('aria-invalid', 'true');
	await most.fill('');
	await save.click();
	await expect(place.getByLabel(handOverWords.PlaceForm.shortest())).toHaveValue('200 cm');
	const [plan] = await rows<{ id: string }>(app, 'select id from plan limit 1');
	await sent(page, 'begin', { plan: plan?.id ?? '', person: '' });
	const [mat] = await rows<{ code: string }>(app, `select code from thing where sort = 'mat'`);
	await sent(page, 'finish', { mat: mat?.code ?? '' });
	await page.goto(`/check/${mat?.code}`);
	await ready(page);
	const length = page.locator('input[name=length]');
	const width = page.locator('input[name=width]');
	const call = page.locator('[data-call]');
	await length.fill('199 cm');
	await width.fill('91 cm');
	await expect(call).toHaveAttribute('data-call', 'good');
	await expect(call).not.toContainText('Taken by');
	await length.fill('185 cm');
	await expect(call).toHaveAttribute('data-call', 'good');
	await expect(call).toContainText('Tide House');
	await expect(call).not.toContainText('Hill Rooms');
	await expect(call.locator('[data-note=larger]')).toBeVisible();
	await width.fill('54 cm');
	await expect(call).toHaveAttribute('data-call', 'other-use');
	await expect(call.locator('[data-uses]')).toHaveAttribute('data-uses', 'panel seat');
});
