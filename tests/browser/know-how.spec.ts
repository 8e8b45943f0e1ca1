import * as checkWords from '../../src/lib/words/check';
import * as commonWords from '../../src/lib/words/common';
import * as knowHowWords from '../../src/lib/words/know-how';
import * as peopleWords from '../../src/lib/words/people';
import { exerciseKinds, exerciseOf, isRight } from '../../src/lib/core/know-how/exercises';
import { actNames, actTitles } from '../../src/lib/stages/know-how/links/lesson-titles';
import { PDFDocument } from '@cantoo/pdf-lib';
import { expect, expectAccessible, ready, test, goOffline } from './app';

test.use({ world: 'know-how', allowed: ['404'], serviceWorkers: 'allow' });

test('a pedal goes on, and a step is read aloud where the device has a voice', async ({ page }) => {
	// No voice on this device: nothing offers to read.
	await page.goto('/know-how/loop-joint');
	await ready(page);
	await expect(page.getByRole('button', { name: knowHowWords.ActSteps.readAloud() })).toHaveCount(
		0
	);
	await page.addInitScript(() => {
		const spoken: string[] = [];
		Object.assign(window, {
			spoken,
			SpeechSynthesisUtterance: class {
				lang = '';
				constructor(readonly text: string) {}
			}
		});
		Object.defineProperty(window, 'speechSynthesis', {
			value: Object.assign(new EventTarget(), {
				getVoices: () => [{ name: 'device' }],
				cancel: () => {},
				speak: (said: { text: string }) => spoken.push(said.text)
			})
		});
	});
	await page.setViewportSize({ width: 390, height: 844 });
	await page.reload();
	await ready(page);
	await page.keyboard.press('PageDown');
	await expect(page.locator('[data-step="2"]')).toBeVisible();
	const spoken = () => page.evaluate(() => (window as unknown as { spoken: string[] }).spoken);
	expect(await spoken()).toEqual([]);
	await page.getByRole('button', { name: knowHowWords.ActSteps.readAloud() }).click();
	await page.keyboard.press('PageDown');
	await expect(page.locator('[data-step="3"]')).toBeVisible();
	const said = await spoken();
	expect(said).toHaveLength(2);
	expect(said[0]).toBe(knowHowWords.jointLessons.slipTheNewLoopS());
	await page.getByRole('button', { name: knowHowWords.ActSteps.stopReading() }).click();
	await page.keyboard.press('PageDown');
	expect(await spoken()).toHaveLength(2);
	// Drawing, sentence and the way on are on one screen of a phone.
	const next = page.getByRole('button', { name: knowHowWords.ActSteps.next() });
	await expect(next).toBeInViewport({ ratio: 1 });
	expect((await next.boundingBox())?.height).toBeGreaterThanOrEqual(56);
});

test('where a step goes wrong stands beside it, drawn, with the way back; on paper with its step', async ({
	page
}) => {
	await page.goto('/know-how/first-row');
	await ready(page);
	const wrong = page.locator('[data-wrong]');
	await expect(wrong).toHaveCount(0);
	await page.getByRole('button', { name: knowHowWords.ActSteps.next() }).click();
	await expect(wrong.getByRole('listitem')).toHaveCount(2);
	await expect(wrong.getByRole('img')).toHaveCount(2);
	await expect(wrong.getByRole('listitem').first()).toContainText(
		knowHowWords.frameLessons.takeTheRowOutAnd()
	);
	await expectAccessible(page);
	// Without scripts each stands with its own step.
	const html = await (await page.request.get('/know-how/first-row')).text();
	expect(html.match(/data-wrong/g)?.length).toBe(2);
	expect(html.indexOf('data-wrong')).toBeGreaterThan(html.indexOf('data-step="2"'));
});

test('an act is shown step by step, moves, is held, turned back and slowed down', async ({
	page
}) => {
	await page.goto('/know-how');
	await ready(page);
	await expectAccessible(page);
	await page.getByRole('link', { name: actTitles['loop-joint'], exact: true }).click();
	await expect(page.locator('[data-step="1"]')).toContainText(
		knowHowWords.jointLessons.putDownTheLastLoop()
	);
	await expect(page.locator('[data-step]')).toHaveCount(1);
	await page.getByLabel(knowHowWords.ActSteps.secondsAStep()).selectOption('1.5');
	const drawn = () => page.locator('[data-step] svg').innerHTML();
	await page.getByRole('button', { name: knowHowWords.ActSteps.next() }).focus();
	await page.keyboard.press('Enter');
	await expect(page.locator('[data-step="2"]')).toContainText(
		knowHowWords.jointLessons.slipTheNewLoopS()
	);
	const far = page.getByLabel(knowHowWords.ActSteps.howFar());
	await expect(far).toHaveValue('100');
	const after = await drawn();
	// Turned back with a key, and held there.
	await far.focus();
	await page.keyboard.press('Home');
	await expect(far).toHaveValue('0');
	const before = await drawn();
	expect(before).not.toBe(after);
	await page.keyboard.press('End');
	expect(await drawn()).toBe(after);
	await page.getByRole('button', { name: knowHowWords.ActSteps.back() }).click();
	await expect(page.locator('[data-step="1"]')).toBeVisible();
	await page.getByRole('button', { name: knowHowWords.ActSteps.letItMove() }).click();
	await expect(page.locator('[data-step="2"]')).toBeVisible();
	await page.getByRole('button', { name: knowHowWords.ActSteps.stop() }).click();
	const stopped = await drawn();
	await page.waitForTimeout(300);
	expect(await drawn()).toBe(stopped);
	await expectAccessible(page);
	// For the left hand its sides are changed, and it stays so on this device.
	await page.goto('/know-how/loop-joint-wrists');
	const next = page.getByRole('button', { name: knowHowWords.ActSteps.next() });
	await next.click();
	await expect(page.locator('[data-step="2"]')).toContainText('The left hand');
	await expect(far).toHaveValue('100');
	const right = await drawn();
	await page.getByRole('link', { name: /Show it for the left/ }).click();
	await expect(page.locator('[data-step="1"]')).toBeVisible();
	await next.click();
	await expect(page.locator('[data-step="2"]')).toContainText('The right hand');
	await expect(far).toHaveValue('100');
	expect(await drawn()).not.toBe(right);
	await page.goto('/know-how/spiral');
	await expect(page.getByRole('link', { name: /Show it for the right/ })).toBeVisible();
	await next.click();
	await next.click();
	await expect(page.getByRole('note', { name: commonWords.Caution.caution() })).toContainText(
		'trained adults'
	);
	await page
		.getByRole('link', {
			name: `Practise: ${knowHowWords.exerciseNames.joiningTheCuts()}`
		})
		.click();
	await expect(page).toHaveURL(/practice\?kind=slit/);
	await page.setViewportSize({ width: 390, height: 844 });
	await expectAccessible(page, 'width');
});

test('where less movement is asked for, a step stands at once as it is left lying', async ({
	browser,
	app
}) => {
	const context = await browser.newContext({ reducedMotion: 'reduce', baseURL: app.address });
	const page = await context.newPage();
	await page.goto('/know-how/loop-joint');
	await ready(page);
	await page.getByRole('button', { name: knowHowWords.ActSteps.next() }).click();
	await expect(page.getByLabel(knowHowWords.ActSteps.howFar())).toHaveValue('100', {
		timeout: 400
	});
	await context.close();
});

test('without scripts every act is there, all its steps at once, and has a card of one page', async ({
	page
}) => {
	for (const act of actNames) {
		const html = await (await page.request.get(`/know-how/${act}`)).text();
		const steps = html.match(/data-step="\d+">(?:<!--[^>]*-->|<div[^>]*>)*<svg/g)?.length ?? 0;
		expect(steps, act).toBeGreaterThan(2);
	}
	for (const path of ['/know-how/none', '/know-how/none/card.pdf', '/know-how/cards.pdf?act=none'])
		expect((await page.request.get(path)).status()).toBe(404);
	// One act, one page, on either paper, in large print too, each drawn for the hand that is asked for.
	const pagesOf = async (query: string) => {
		const card = await page.request.get(`/know-how/cards.pdf?${query}`);
		expect(card.headers()['content-type']).toBe('application/pdf');
		return (await PDFDocument.load(await card.body())).getPageCount();
	};
	const all = actNames.map((act) => `act=${act}`).join('&');
	// What fits on Letter in large print fits on A4.
	expect(await pagesOf(`${all}&paper=letter&large=yes&hand=left`)).toBe(actNames.length);
	expect(await pagesOf('act=sort&act=sort&act=nothing&act=roll')).toBe(2);
	const one = await page.request.get('/know-how/first-row/card.pdf');
	expect(one.headers()['content-disposition']).toContain('first-row.pdf');
});

test('acts, faults and words are found by a word, a beginning, or a slip of the finger', async ({
	page
}) => {
	for (const [asked, title, sort] of [
		['spiral', actTitles.spiral, 'act'],
		['narow', 'Mat gets narrower', 'fault'],
		['gusset', 'Gusset', 'word'],
		['treble', 'Double crochet', 'word']
	] as const) {
		await page.goto('/know-how');
		await page.getByLabel(knowHowWords.KnowHowPage.searchKnowHowAStep()).fill(asked);
		await page.keyboard.press('Enter');
		await expect(
			page.locator(`[data-found=${sort}]`).getByRole('link', { name: title, exact: true })
		).toBeVisible();
	}
	await page.locator('[data-found=word]').first().getByRole('link').click();
	await expect(page).toHaveURL(/know-how\/words#/);
	await expectAccessible(page);
	await page.goto('/know-how?q=zzzzqqqq');
	await expect(
		page.getByRole('heading', { name: knowHowWords.KnowHowPage.nothingFound() })
	).toBeVisible();
	for (const [q, status] of [
		['%00', 400],
		['%22%3Cscript%3E', 200],
		['x'.repeat(5000), 200],
		['%ff', 400]
	] as const)
		expect((await page.request.get(`/know-how?q=${q}`)).status()).toBe(status);
});

test('what was opened once is there without network, and practice goes on', async ({
	browser,
	app
}) => {
	const context = await browser.newContext({ baseURL: app.address });
	const page = await context.newPage();
	await page.goto('/know-how/overhand');
	await ready(page);
	await page.goto('/know-how/practice?kind=snug&seed=4');
	await ready(page);
	await expect
		.poll(
			() =>
				page.evaluate(async () => {
					const pages = await caches.open('laid pages');
					const parts = (await caches.keys()).find((name) => name.startsWith('laid parts'));
					const laid = (await pages.keys()).map(({ url }) => new URL(url).pathname);
					const made = parts ? (await (await caches.open(parts)).keys()).length : 0;
					return (
						laid.includes('/know-how/overhand') && laid.includes('/know-how/practice') && made > 20
					);
				}),
			{ timeout: 60_000 }
		)
		.toBe(true);
	await goOffline(page);
	await page.goto('/know-how/overhand');
	await ready(page);
	await page.getByRole('button', { name: knowHowWords.ActSteps.next() }).click();
	await expect(page.locator('[data-step="2"]')).toContainText(
		knowHowWords.jointLessons.bendBothEndsAsOne()
	);
	await page.goto('/know-how/practice?kind=snug&seed=4');
	await ready(page);
	await page.locator('[data-answer="3"]').click();
	await expect(page.locator('[data-right]')).toBeVisible();
	await page.getByRole('link', { name: /^Another/ }).click();
	await expect(page).toHaveURL(/seed=5/);
	await expect(page.locator('[data-back=snug]')).toContainText('again in');
	await context.close();
});

test('practice is kept on the device, or under a name, where it may open a seat', async ({
	page
}) => {
	const { facts, options } = exerciseOf('over-under', 7);
	const right = options.find((option) => isRight(facts, option));
	await page.goto('/know-how/practice?kind=over-under&seed=7');
	await ready(page);
	await page.locator(`[data-answer="${right}"]`).click();
	await expect(page.locator('[data-back="over-under"]')).toContainText(/again in \d+ min/);
	await page.reload();
	await ready(page);
	await expect(page.locator('[data-back="over-under"]')).toContainText(/again in \d+ min/);
	await expect(page.locator('[data-back=hook]')).toHaveText(knowHowWords.practiceLog.notTriedYet());
	// Under a name: it begins anew, and is read from the book.
	await page.goto('/people');
	await page.getByLabel(peopleWords.PeoplePage.newVolunteer()).fill('Wren');
	await page.getByRole('button', { name: peopleWords.PeoplePage.add(), exact: true }).click();
	await expect(page).toHaveURL(/of=/);
	await page.goto('/know-how/practice?kind=over-under&seed=7');
	await page
		.getByLabel(knowHowWords.KnowHowPracticePage.whereToSave())
		.selectOption({ label: 'under Wren' });
	await page
		.getByRole('button', { name: knowHowWords.KnowHowPracticePage.save(), exact: true })
		.click();
	await ready(page);
	await expect(page.getByText('Saved for Wren')).toBeVisible();
	// What comes next for whoever did nothing yet is where everybody begins.
	await expect(page.locator('[data-next-act]')).toHaveAttribute('data-next-act', 'sort');
	await expect(page.locator('[data-back="over-under"]')).toHaveText(
		knowHowWords.practiceLog.notTriedYet()
	);
	await page.goto('/know-how/practice?kind=over-under&seed=7');
	await ready(page);
	const kept = page.waitForResponse((answer) => answer.url().endsWith('/api/entries'));
	await page.locator(`[data-answer="${right}"]`).click();
	expect((await kept).status()).toBe(200);
	await page.reload();
	await ready(page);
	await expect(page.locator('[data-back="over-under"]')).toContainText(/again in \d+ min/);
	await page.goto('/people');
	await page.getByRole('link', { name: 'Wren', exact: true }).click();
	await ready(page);
	await expect(page.locator('[data-practised="over-under"]')).toContainText('1 of 1 right');
	await page.getByRole('button', { name: 'Let Wren sit at Weave, as new to it' }).click();
	await expect(page.locator('[name=seat_weave]')).toHaveValue('new');
	await page
		.getByRole('button', { name: peopleWords.PersonForm.save(), exact: true })
		.first()
		.click();
	await expect(page.locator('[data-person=Wren]')).toContainText('weave');
	// A seat that is open is what is learned next; on this device it is found beside the acts.
	await page.goto('/know-how');
	await expect(page.locator('[data-next-act] a')).toHaveAttribute('href', '/know-how/weft-start');
});

test('from what one sees, by a question, to what is done about it', async ({ page }) => {
	await page.goto('/know-how/faults');
	await ready(page);
	await page.locator('[data-sign=not-flat]').focus();
	await page.keyboard.press('Enter');
	await expect(page.locator('[data-remedy]')).toHaveCount(0);
	await page.locator('[data-is=waves]').click();
	await expect(page.locator('[data-remedy=waves]')).toContainText(
		checkWords.checkWords.workFewerStitchesOrWith()
	);
	await expect(page.locator('[data-remedy] svg')).toHaveCount(2);
	await expectAccessible(page);
	// In another technique it can be but one thing: nothing is asked.
	await page.goto('/know-how/faults?technique=finger-bands&sign=not-flat');
	await expect(page.locator('[data-remedy=band-curls]')).toBeVisible();
	for (const query of ['technique=x&sign=y&is=z', 'sign=lump&is=rod-off'])
		expect((await page.request.get(`/know-how/faults?${query}`)).status()).toBe(200);
});

test('a question is answered, says why, and a wrong slant falls out as a loop', async ({
	page
}) => {
	for (const kind of exerciseKinds) {
		const { facts, options } = exerciseOf(kind, 12);
		for (const option of options) {
			const path = `/know-how/practice?kind=${kind}&seed=12&answer=${option}`;
			const html = await (await page.request.get(path)).text();
			expect(html, path).toContain(`data-right="${isRight(facts, option)}"`);
		}
	}
	await page.goto('/know-how/practice?kind=slit&seed=12');
	await ready(page);
	const slit = exerciseOf('slit', 12);
	const answer = (right: boolean) =>
		`[data-answer="${slit.options.find((option) => isRight(slit.facts, option) === right)}"]`;
	await page.locator(answer(false)).focus();
	await page.keyboard.press('Enter');
	await expect(page.locator('[data-right=false]')).toContainText('falls out as a loop');
	await expect(page.locator(answer(false))).toBeFocused();
	await page.locator(answer(true)).click();
	await expect(page.locator('[data-right=true]')).toContainText(
		knowHowWords.KnowHowPracticePage.yes()
	);
	await page.goto('/know-how/practice?kind=slit&seed=12&answer=99');
	await expect(page.locator('[data-right]')).toHaveCount(0);
	await expectAccessible(page);
	// Whatever an address asks, there is a question.
	for (const query of ['kind=x&seed=-4', 'seed=1e99', 'kind=hook&seed=two&answer=NaN'])
		expect((await page.request.get(`/know-how/practice?${query}`)).status()).toBe(200);
});
