import * as handOverWords from '../../src/lib/words/hand-over';
import * as planWords from '../../src/lib/words/plan';
import type { Page } from '@playwright/test';
import { routes } from '../../src/lib/routes/table.mjs';
import { pageRoutes } from '../routes';
import { expect, keep, ready, test } from './app';

test.use({ world: 'sizes' });

/** A phone, tablets upright and lying, a desk. */
const sizes = [
	[360, 740],
	[768, 1024],
	[1180, 820],
	[1280, 800]
] as const;

/** What is wrong with a page as it stands: words and targets that cannot be read, reached or hit. */
const faults = (page: Page) =>
	page.evaluate(() => {
		const found: string[] = [];
		const over = document.documentElement.scrollWidth - innerWidth;
		if (over > 0) found.push(`scrolls sideways by ${over}`);
		const isSeen = (one: Element) => {
			const style = getComputedStyle(one);
			const box = one.getBoundingClientRect();
			// The head of what folds is seen, unless what it folds in is shut itself.
			const folds = one.closest('summary')?.parentElement ?? null;
			const isShut = (folds ? folds.parentElement : one)?.closest('details:not([open])');
			// What is only said is clipped to nothing until it is focused.
			const isSaid = one.closest('.sr-only') !== null;
			return style.visibility !== 'hidden' && box.width > 1 && box.height > 1 && !isShut && !isSaid;
		};
		const name = (one: Element) =>
			`${one.tagName} “${(one.textContent || one.getAttribute('aria-label') || '').trim().slice(0, 30)}”`;
		const targets = [
			...document.querySelectorAll<HTMLElement>(
				'a[href], button, select, summary, textarea, input:not([type=hidden])'
			)
		].filter(isSeen);
		const bars = [...document.querySelectorAll('.tally, .phone-bar')];
		for (const target of targets) {
			const box = target.getBoundingClientRect();
			// A link within running words is as high as they are; a radio is as large as its label.
			const isInWords =
				target.matches('.term, a:not(.btn, .link-row)') &&
				target.closest('p, li, td, th, dt, dd, span');
			const label = target.matches('[type=radio], [type=checkbox]')
				? target.closest('label')
				: null;
			const height = label?.getBoundingClientRect().height ?? box.height;
			if (!isInWords && height < 43.5)
				found.push(`${name(target)} is ${Math.round(height)} px high`);
			const [x, y] = [box.left + box.width / 2, box.top + box.height / 2];
			if (x < 0 || x > innerWidth || y < 0 || y > innerHeight) continue;
			const top = document.elementFromPoint(x, y);
			// What lies under a bar at the foot is scrolled to; what is clipped by its own frame scrolls in it.
			if (!top || bars.some((bar) => bar.contains(top)) || label?.contains(top)) continue;
			if (!target.contains(top) && !top.contains(target))
				found.push(`${name(target)} lies under ${name(top)}`);
		}
		const words = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
		while (words.nextNode()) {
			const text = words.currentNode;
			const holder = text.parentElement;
			if (!holder || !text.textContent?.trim() || holder.closest('script, style, noscript'))
				continue;
			// What is written in a drawing is as large as the drawing is shown.
			const shown = holder instanceof SVGTextContentElement ? (holder.getScreenCTM()?.a ?? 1) : 1;
			const size = Math.round(parseFloat(getComputedStyle(holder).fontSize) * shown * 100) / 100;
			if (isSeen(holder) && size < 12)
				found.push(`“${text.textContent.trim().slice(0, 20)}” is ${size} px`);
		}
		return [...new Set(found)];
	});

test('every page keeps to its width, its words and its targets, at every size and with text of double size', async ({
	page,
	request
}) => {
	test.slow();
	await page.goto('/plan');
	await ready(page);
	await keep(page, 'A plan with a name that is long enough to need two lines of a phone');
	const plan = new URL(page.url()).pathname;
	const kinds = await request.get('/api/plans');
	expect(kinds.status()).toBe(200);
	const typed = (place: string, bags: string) => ({
		key: crypto.randomUUID(),
		type: 'drop-off',
		typed: { place, came_on: '2026-11-19', method: 'hand', bags, brought_by: 'Wren' }
	});
	const kept = await request.post('/api/entries', {
		data: { entries: [typed('Bus depot canteen', '240'), typed('Ferry kiosk', '180')] }
	});
	expect(kept.status()).toBe(200);
	// Piles of every form on the table, and a ball with its label.
	await page.goto('/gather/kinds');
	const again = await page
		.getByRole('link', { name: /Measure .*again/ })
		.first()
		.getAttribute('href');
	const kind = again?.split('again=')[1]?.slice(0, 36) ?? '';
	const movement = {
		kind,
		colour: 'blue',
		form: 'bag',
		direction: 'in',
		amount: '400',
		reason: 'counted'
	};
	const put = await request.post('/api/entries', {
		data: { entries: [{ key: crypto.randomUUID(), type: 'movement', typed: movement }] }
	});
	expect(await put.json()).toMatchObject({ answers: [{ outcome: 'kept' }] });
	await page.goto('/prepare');
	await ready(page);
	for (const name of ['Flatten', 'Cut', 'Join', 'Ball of']) {
		await page.getByRole('button', { name }).first().click();
		await expect(page.locator('[data-said]')).toContainText(planWords.PlansPage.saved());
	}
	await expect(page.locator('[data-place=ball] [data-pile]')).toBeVisible();
	for (const name of ['Wilhelmina the second', 'Odo'])
		await request.post('/people?/add', {
			form: { name, key: crypto.randomUUID() },
			headers: { origin: new URL(page.url()).origin }
		});
	await request.post('/prepare/days?/add', {
		form: { day: '2099-12-03', place: 'Boat shed', key: crypto.randomUUID() },
		headers: { origin: new URL(page.url()).origin }
	});
	await request.post('/places?/receiving', {
		form: { name: 'Causeway Winter Rooms' },
		headers: { origin: new URL(page.url()).origin }
	});
	await page.goto('/prepare/days');
	const dayPage = (await page.getByRole('link', { name: /Dec 2099/ }).getAttribute('href')) ?? '';
	// A mat that is half made.
	const begin = { plan: plan.split('/').at(-1) ?? '', person: '' };
	const sent = (type: string, typed: object) =>
		request.post('/api/entries', {
			data: { entries: [{ key: crypto.randomUUID(), type, typed }] }
		});
	await sent('begin', begin);
	await page.goto('/make');
	const matPage = (await page.locator('[data-mat] a').first().getAttribute('href')) ?? '';
	await sent('rows', { mat: matPage.split('/').at(-1) ?? '', to: '80' });
	// And one that is made.
	await sent('begin', begin);
	await page.goto('/make');
	const made =
		(await page.locator('[data-need=begin] a').first().getAttribute('href'))?.split('/').at(-1) ??
		'';
	await sent('rows', { mat: made, to: '200' });
	await sent('finish', { mat: made });
	// And one that went out, with all that is asked of it.
	await sent('begin', begin);
	await page.goto('/make');
	const gone =
		(await page.locator('[data-need=begin] a').first().getAttribute('href'))?.split('/').at(-1) ??
		'';
	await sent('finish', { mat: gone });
	await sent('check', { mat: gone, length: '185 cm', width: '86 cm' });
	await page.goto('/hand-over');
	const place =
		(await page.getByLabel(handOverWords.DeliverForm.receivingPlace()).inputValue()) ?? '';
	await sent('deliver', { place, mats: gone, goes_on: '2026-11-19', gathering: 'Tea at six' });
	await sent('asked', { place, mats: '30', by: '2099-12-24', note: 'before the cold' });
	await page.goto('/hand-over');
	const delivery = (await page.locator('[data-delivery]').getAttribute('data-delivery')) ?? '';
	expect(delivery).not.toBe('');
	const [, link = ''] =
		/(\/m\/[\w-]{64})/.exec(
			await (
				await request.post(`${matPage}?/link`, {
					form: { key: crypto.randomUUID() },
					headers: { origin: new URL(page.url()).origin }
				})
			).text()
		) ?? [];
	expect(link).not.toBe('');
	const pages = [
		...pageRoutes.filter((route) => !route.includes('[') && !routes[route]?.isDoor),
		plan,
		dayPage,
		`${dayPage}/join`,
		`${dayPage}/wall`,
		'/prepare/things/22222',
		matPage,
		`/check/${made}`,
		'/season?plans=yes&with=table-day',
		'/know-how/spiral',
		'/know-how/faults?sign=lump&is=tight-joint',
		'/know-how?q=loop',
		'/know-how/loop-joint-wrists?hand=left',
		'/know-how/practice?kind=wrong-row&seed=3',
		'/know-how/practice?kind=fault&seed=3&answer=0',
		`/hand-over/deliveries/${delivery}`,
		`/hand-over/mats/${gone}`,
		link
	];
	const wrong: string[] = [];
	for (const path of pages) {
		await page.goto(path);
		await ready(page);
		// Resized and not loaded anew: a tablet that is turned.
		for (const [width, height] of sizes) {
			await page.setViewportSize({ width, height });
			for (const percent of [100, 200]) {
				await page.evaluate((size) => {
					document.documentElement.style.fontSize = `${size}%`;
					scrollTo(0, 0);
					// Drawings are laid out anew for their room in the frame after.
					return new Promise<void>((done) =>
						requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done)))
					);
				}, percent);
				for (const fault of await faults(page))
					wrong.push(`${path} ${width} px, ${percent} %: ${fault}`);
			}
		}
	}
	expect(wrong).toEqual([]);
});

test('nothing that is focused hides under the tally, on a tablet lying down', async ({ page }) => {
	await page.setViewportSize({ width: 1180, height: 820 });
	await page.goto('/plan');
	await ready(page);
	const hidden: string[] = [];
	for (let at = 0; at < 60; at++) {
		await page.keyboard.press('Tab');
		const under = await page.evaluate(() => {
			const one = document.activeElement;
			const bar = document.querySelector('.tally');
			if (!one || !bar || bar.contains(one) || one === document.body) return null;
			const box = (one.closest('label') ?? one).getBoundingClientRect();
			return box.bottom > bar.getBoundingClientRect().top + 1 ? one.outerHTML.slice(0, 80) : null;
		});
		if (under) hidden.push(under);
	}
	expect(hidden).toEqual([]);
});
