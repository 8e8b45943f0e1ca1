// From a photograph to a kept plan, to a measure and to a checked mat; from a phone; by the camera; without network.
import { copyFileSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { chromiumArguments } from '../../scripts/lib/chromium.mjs';
import { chromiumPath } from '../../scripts/lib/system.mjs';
import * as photoWords from '../../src/lib/words/photo';
import * as checkWords from '../../src/lib/words/check';
import * as measuresWords from '../../src/lib/words/measures';
import type { Page } from '@playwright/test';
import { expect, expectAccessible, goOffline, keep, ready, test } from './app';
import { rows, sent } from './table-world';

const folder = mkdtempSync(path.join(os.tmpdir(), 'nest-row-photo-'));
// What the made-up camera sees: one of the photographs, again and again.
const seen = path.join(folder, 'seen.mjpeg');
copyFileSync('examples/photos/bag.jpg', seen);

test.describe.configure({ mode: 'serial' });
test.setTimeout(180_000);
test.use({
	world: 'photo',
	allowed: ['422', '410', '413', '404', 'ERR_INTERNET_DISCONNECTED', 'Failed to fetch'],
	launchOptions: {
		executablePath: chromiumPath() ?? undefined,
		args: [
			...chromiumArguments,
			'--use-fake-ui-for-media-stream',
			'--use-fake-device-for-media-stream',
			`--use-file-for-fake-video-capture=${seen}`
		]
	}
});

const say = photoWords.PhotoPage;
const told = (page: Page) => page.locator('[data-told]');
async function choose(page: Page, address: string, file: string): Promise<void> {
	await page.goto(address);
	await ready(page);
	await page.setInputFiles('[data-choose]', file);
}
const width = async (page: Page): Promise<number> =>
	parseFloat(await told(page).locator('dd').first().innerText());

test('a bag’s edges can be moved by hand, and its measures go on to a plan that is kept', async ({
	page,
	app
}) => {
	await choose(page, '/photo?of=bag&from=/plan', 'tests/photos/a01.jpg');
	await expect(told(page)).toBeVisible({ timeout: 60_000 });
	expect(await width(page)).toBe(411);
	await expectAccessible(page);
	const right = page.locator('[data-edge=right] circle[tabindex]').first();
	await right.focus();
	for (let nth = 0; nth < 5; nth++) await page.keyboard.press('Shift+ArrowRight');
	expect(await width(page)).toBeGreaterThan(420);
	await page.getByRole('button', { name: photoWords.PhotoPicture.layBack() }).click();
	expect(await width(page)).toBe(411);
	const left = await page.locator('[data-edge=left] circle[tabindex]').first().boundingBox();
	if (!left) throw new Error('no edge to drag');
	const at = [left.x + left.width / 2, left.y + left.height / 2] as const;
	await page.mouse.move(...at);
	await page.mouse.down();
	await page.mouse.move(at[0] - 15, at[1] - 15, { steps: 3 });
	await page.mouse.up();
	expect(await width(page)).not.toBe(411);
	await page.getByRole('button', { name: photoWords.PhotoPicture.layBack() }).click();
	await page.locator('[data-use]').click();
	await expect(page.locator('[data-by-photo]')).toBeVisible();
	await expect(page).toHaveURL(/\/plan$/);
	await keep(page, 'Mat by a photo');
	const [plan] = await rows<{ width: number; body: number }>(
		app,
		`select (document #>> '{plan,bag,flat_width_mm}')::float8 as width,
			(document #>> '{plan,bag,body_mm}')::float8 as body from plan where name = 'Mat by a photo'`
	);
	expect(plan?.width).toBeCloseTo(411.5, -1);
	expect(plan?.body).toBeCloseTo(405.4, -1);
});

test('a swatch is an entry like a typed one, and says that it is by photo', async ({
	page,
	app
}) => {
	await choose(page, '/photo?of=swatch&from=/measures', 'examples/photos/swatch.jpg');
	await page.locator('[data-use]').click({ timeout: 60_000 });
	await expect(page.locator('[data-by-photo]')).toBeVisible();
	await expect(page.locator('#measurement-counted')).toHaveValue('14');
	await expect(page.locator('#measurement-rows')).toHaveValue('14');
	const sure = page.locator('[name=sure]');
	if (await sure.count()) await sure.check();
	await page.getByRole('button', { name: measuresWords.MeasureForm.save(), exact: true }).click();
	await expect
		.poll(() =>
			rows(
				app,
				`select typed ->> 'isByPhoto' as by, (typed ->> 'lengthMm')::float8 as wide from measurement`
			)
		)
		.toEqual([{ by: 'true', wide: expect.closeTo(127.4, -1) as unknown as number }]);
	await page.goto('/measures');
	await expect(page.locator('main')).toContainText(
		measuresWords.MeasureList.byPhoto({ what: '' }).trim().replace(/^,\s*/, '')
	);
});

test('strips are told from each other, and the odd one is named', async ({ page }) => {
	await choose(page, '/photo?of=strips', 'tests/photos/b03.jpg');
	await expect(page.locator('[data-strips] li')).toHaveCount(8, { timeout: 60_000 });
	await expect(page.locator('[data-odd=true]')).toHaveCount(1);
	await expect(page.locator('[data-strips] li').nth(1)).toHaveAttribute('data-odd', 'true');
	await page.locator('[data-use]').click();
	await expect(page.locator('[data-by-photo]')).toBeVisible();
	await expect(page.locator('[name=strip_width]')).toHaveValue(/^6[23]\.\d mm$/);
});

test('a mat that narrows is checked by its photo', async ({ page, app }) => {
	const [plan] = await rows<{ id: string }>(app, `select id from plan limit 1`);
	await page.goto('/make');
	await ready(page);
	await sent(page, 'begin', { plan: plan?.id ?? '', person: '' });
	const [mat] = await rows<{ code: string }>(app, `select code from thing where sort = 'mat'`);
	const code = mat?.code ?? '';
	await page.goto(`/make/${code}`);
	await sent(page, 'finish', { mat: code });
	await page.goto(`/check/${code}`);
	await ready(page);
	await page.getByRole('link', { name: checkWords.CheckForm.fromAPhoto() }).click();
	await expect(page).toHaveURL(new RegExp(`/photo\\?of=mat&from=/check/${code}`));
	await ready(page);
	await page.setInputFiles('[data-choose]', 'examples/photos/mat.jpg');
	await expect(page.locator('[data-narrows=true]')).toBeVisible({ timeout: 60_000 });
	await page.locator('[data-use]').click();
	await expect(page.locator('[data-by-photo]')).toBeVisible();
	await expect(page.locator('[name=faults]')).toHaveValue(/^narrows@/);
	await page.getByRole('button', { name: checkWords.CheckForm.saveCheck() }).click();
	await expect
		.poll(() => rows<{ length: number }>(app, 'select length_mm::float8 as length from mat_check'))
		.toEqual([{ length: expect.closeTo(1764, -1) as unknown as number }]);
	expect(await rows(app, `select typed ->> 'by' as by from entry where type = 'check'`)).toEqual([
		{ by: 'photo' }
	]);
});

test('this device’s camera takes the photo', async ({ page, context }) => {
	await context.grantPermissions(['camera']).catch(() => {});
	await page.goto('/photo?of=bag');
	await ready(page);
	await page.getByRole('button', { name: photoWords.CameraShot.useThisCamera() }).click();
	await expect
		.poll(() => page.locator('video').evaluate((video: HTMLVideoElement) => video.videoWidth))
		.toBeGreaterThan(600);
	await page.getByRole('button', { name: photoWords.CameraShot.takeIt() }).click();
	await expect(told(page)).toBeVisible({ timeout: 60_000 });
	expect(Math.abs((await width(page)) - 317.5)).toBeLessThan(5);
});

test('a phone hands one photo over, once', async ({ page, browser }) => {
	await page.goto('/photo?of=loom');
	await ready(page);
	await page.getByRole('button', { name: say.getACode() }).click();
	const address = await page.locator('input[readonly]').inputValue();
	const phone = await browser.newPage({ viewport: { width: 390, height: 844 } });
	await phone.goto(address);
	await ready(phone);
	await phone.setInputFiles('[name=picture]', 'tests/browser/photo.spec.ts');
	await phone.getByRole('button', { name: photoWords.HandedPage.send() }).click();
	await expect(phone.getByRole('alert')).toContainText(photoWords.photoWords.notAPicture());
	await phone.setInputFiles('[name=picture]', 'examples/photos/loom.jpg');
	await phone.getByRole('button', { name: photoWords.HandedPage.send() }).click();
	await expect(phone.locator('[data-sent]')).toBeVisible();
	await expect(page.locator('[data-came]')).toBeVisible();
	await expect(page.locator('[data-count=warp_ends]')).toContainText('12', { timeout: 60_000 });
	await expect(page.locator('[data-count=rows]')).toContainText('20');
	await phone.goto(address);
	await expect(phone.locator('[data-closed]')).toBeVisible();
	await phone.close();
});

test('what is no photo, and what cannot be measured, is said with what to do', async ({ page }) => {
	const files: [string, Buffer, string][] = [
		['words.jpg', Buffer.from('not a picture at all'), 'not-a-picture'],
		['heic.heic', Buffer.from('\0\0\0\x18ftypheic\0\0\0\0'), 'heic'],
		[
			'bomb.png',
			Buffer.concat([
				Buffer.from('\x89PNG\r\n\x1a\n\0\0\0\rIHDR', 'latin1'),
				Buffer.from([0, 1, 0x86, 0xa0, 0, 1, 0x86, 0xa0, 8, 6, 0, 0, 0]),
				Buffer.alloc(64)
			]),
			'too-many-pixels'
		],
		[
			'broken.jpg',
			Buffer.from([0xff, 0xd8, 0xff, 0xc0, 0, 17, 8, 0, 90, 0, 120, 3]),
			'not-a-picture'
		]
	];
	await page.goto('/photo?of=bag');
	await ready(page);
	for (const [name, bytes, trouble] of files) {
		const file = path.join(folder, name);
		writeFileSync(file, bytes);
		await page.setInputFiles('[data-choose]', file);
		await expect(page.locator(`[data-trouble=${trouble}]`)).toBeVisible({ timeout: 60_000 });
	}
	await page.setInputFiles('[data-choose]', 'tests/photos/g02.jpg');
	await expect(page.locator('[data-problem=cut-off]')).toBeVisible({ timeout: 60_000 });
	await expect(page.locator('[data-use]')).toHaveCount(0);
	// The group's own machine says the same, of pictures from devices that cannot measure.
	for (const [file, of, status, answer] of [
		['tests/photos/g01.jpg', 'swatch', 200, { answer: { problem: 'blurred' } }],
		[path.join(folder, 'bomb.png'), 'bag', 422, { problem: 'too-many-pixels' }],
		[path.join(folder, 'broken.jpg'), 'bag', 422, { problem: 'not-a-picture' }]
	] as const) {
		const said = await page.request.post(`/photo/measure?of=${of}`, { data: readFileSync(file) });
		expect(said.status()).toBe(status);
		expect(await said.json()).toMatchObject(answer);
	}
});

test.describe('without network', () => {
	test.use({ serviceWorkers: 'allow' });
	test('it works once the page was opened', async ({ page }) => {
		await page.goto('/photo?of=cover');
		await ready(page);
		await expect
			.poll(
				() =>
					page.evaluate(async () => {
						const all = await Promise.all(
							(await caches.keys()).map(async (name) => (await caches.open(name)).keys())
						);
						const at = all.flat().map(({ url }) => new URL(url).pathname);
						return ['/photo', '/eye/'].every((one) => at.some((path) => path.startsWith(one)));
					}),
				{ timeout: 90_000 }
			)
			.toBe(true);
		await goOffline(page);
		await page.goto('/photo?of=cover');
		await ready(page);
		await page.setInputFiles('[data-choose]', 'examples/photos/cover.jpg');
		await expect(page.locator('[data-gaps]')).toBeVisible({ timeout: 60_000 });
		const gaps = Number(await page.locator('[data-gaps]').getAttribute('data-gaps'));
		expect(Math.abs(gaps - 0.1)).toBeLessThan(0.03);
	});
});
