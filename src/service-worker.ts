// Lays by the pages of the table: each as it was opened last, with all it is made of, so that it opens without network and
// says how old it is. What is typed waits on the device's own shelf, and is no matter of this worker.
/// <reference types="@sveltejs/kit" />
/// <reference lib="webworker" />
import { Shelf } from '$lib/entries/shelf';
import { nowSaid } from '$lib/entries/typed-at';
import { formType, fromShelf, typedForm } from '$lib/entries/waiting-form';
import { bar } from '$lib/routes/bar';
import { offlinePage as say } from '$lib/words/common';
import { isLaidBy, laidAt, pagesToLayBy } from '$lib/routes/laid-pages';
import { wordsOfForm } from '$lib/routes/waiting-words';
import { newKey } from '$lib/ui/new-key';
import { orLaidBy } from '$lib/ui/or-laid-by';
import { openDB } from 'idb';
import { libraryAt } from '$lib/sight/library-at';
import { build, files, version } from '$service-worker';

const worker = globalThis as unknown as ServiceWorkerGlobalScope;
/** Made of what does not change within a version: it goes with it. */
const parts = `laid parts ${version}`;
const pages = 'laid pages';
/** Where it is remembered for whom pages lie here: for one account and one group at a time. */
const owner = '/whose';
/** When an answer was laid by, ms, in its own headers. */
const mark = 'x-laid-at';
/** When an answer came last, ms, and how many days pages stay without one. */
const contact = '/contact';
const dayMs = 86_400_000;
/** So long a page is waited for where an older one lies here, ms. */
const timeoutMs = 8000;
/** A page that was laid by so lately is not asked for again, ms. */
const freshMs = 60_000;
/** So long after the first visit the other pages are laid by, ms: whoever came wants their own page first. */
const restMs = 15_000;
const ours = new Set([...build, ...files]);

worker.addEventListener('install', () => void worker.skipWaiting());
worker.addEventListener('activate', (event) => event.waitUntil(takeOver()));

async function takeOver(): Promise<void> {
	await worker.clients.claim();
	await renew();
}

/**
 * A new version takes over: its parts are laid by, then the pages that lie here anew, as they are made of these.
 * What went before leaves last; where the network goes away meanwhile all of it stays, and it is tried again.
 */
async function renew(): Promise<void> {
	const former = (await caches.keys()).filter(
		(name) => name.startsWith('laid parts') && name !== parts
	);
	if (former.length === 0) return;
	await layParts();
	const since = generation;
	const lie = (await (await caches.open(pages)).keys()).map(({ url }) => new URL(url));
	const opened = lie.filter(
		({ pathname }) =>
			pathname !== owner && pathname !== contact && !pathname.endsWith('__data.json')
	);
	for (const { pathname, search } of opened) await layBy(pathname + search, 0, since);
	await Promise.all(former.map((name) => caches.delete(name)));
}

/** Rises as somebody signs in or out, or goes to another group: what was asked for before that is laid by for nobody. */
let generation = 0;

/** No page stays behind, and none of those that are still on their way. */
async function forget(): Promise<void> {
	generation += 1;
	await caches.delete(pages);
}

const match = (at: string): Promise<Response | undefined> => caches.match(at, { cacheName: pages });

/** Whether no answer came for so many days that no page stays here. */
async function isStale(): Promise<boolean> {
	const [at = 0, days = 7] = ((await (await match(contact))?.text()) ?? `${Date.now()} 7`)
		.split(' ')
		.map(Number);
	return Date.now() - at > days * dayMs;
}

/** What lies here; nothing is made where nothing lies. What met no answer for too long lies here no more. */
async function cached(at: string): Promise<Response | undefined> {
	const there = await match(at);
	if (!there || !(await isStale())) return there;
	await forget();
	return undefined;
}

/** Notes that an answer came. */
async function note(since: number, days?: number): Promise<void> {
	const known = Number((await (await match(contact))?.text())?.split(' ')[1] ?? 7);
	await putInCache(contact, new Response(`${Date.now()} ${days ?? known}`), since);
}

/** The first answer that says that the session is over: no page stays here. */
const isOver = (answer: Response): boolean => answer.headers.get('x-nest-row-session') === 'over';

/** Lays by what was asked for since then, unless pages were forgotten meanwhile. */
async function putInCache(at: string, answer: Response, since: number): Promise<void> {
	if (since !== generation) return;
	const store = await caches.open(pages);
	if (since === generation) await store.put(at, answer);
}

/** Keeps an answer with the moment it came. What was turned elsewhere, to sign in say, is not that page. */
async function keep(at: string, answer: Response, since: number): Promise<void> {
	if (isOver(answer)) await forget();
	if (answer.status !== 200 || answer.redirected || isOver(answer)) return;
	await note(since);
	const headers = new Headers(answer.headers);
	headers.set(mark, String(Date.now()));
	// It lies here unpacked.
	headers.delete('content-encoding');
	headers.delete('content-length');
	await putInCache(at, new Response(await answer.clone().blob(), { headers }), since);
}

/** Says to the page that asked how old its answer is; null where it is new. */
const tell = async (clientId: string, at: number | null): Promise<void> =>
	(await worker.clients.get(clientId))?.postMessage({ laidAt: at });

/** A page as it is now; where no answer comes, as it was opened last, saying so. */
async function page(request: Request): Promise<Response> {
	const at = laidAt(new URL(request.url));
	const since = generation;
	const there = await cached(at);
	const asked = fetch(request)
		.then(async (answer) => {
			await keep(at, answer, since);
			return answer;
		})
		.catch(() => null);
	const answer = await orLaidBy(asked, there, timeoutMs);
	if (answer.type === 'error') return nothingHere();
	if (answer !== there || !there) return answer;
	const text = await there.text();
	return new Response(text.replace('<html', `<html data-laid="${there.headers.get(mark)}"`), {
		headers: there.headers
	});
}

/**
 * What is said where a page cannot come and never lay here: what can be done meanwhile, by the pages that lie here.
 */
async function nothingHere(): Promise<Response> {
	const lie = new Set(
		(await caches.has(pages))
			? (await (await caches.open(pages)).keys()).map(({ url }) => new URL(url).pathname)
			: []
	);
	const links = [...bar.stages, ...Object.values(bar.parts).flat()]
		.filter(({ href }, at, all) => all.findIndex((one) => one.href === href) === at)
		.filter(({ href }) => lie.has(href))
		.map(({ href, label }) => `<li><a href="${href}">${label}</a></li>`)
		.join('');
	return new Response(
		`<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${say.title()}</title><link rel="stylesheet" href="/plain.css"></head><body><main><h1>${say.title()}</h1><p>${links ? say.theseWork() : say.openItOnce()}</p><ul>${links}</ul></main></body></html>`,
		{ status: 503, headers: { 'content-type': 'text/html; charset=utf-8' } }
	);
}

/** What a page asks for as it is gone to: laid by whole with the page, never as a part of it. */
async function data(request: Request, clientId: string): Promise<Response> {
	const there = await cached(laidAt(new URL(request.url)));
	const answer = await orLaidBy(
		fetch(request)
			.then(async (came) => {
				if (isOver(came)) await forget();
				return came;
			})
			.catch(() => null),
		there,
		timeoutMs
	);
	await tell(clientId, answer === there ? Number(there?.headers.get(mark)) : null);
	return answer;
}

async function part(request: Request): Promise<Response> {
	const at = new URL(request.url).pathname;
	const store = await caches.open(parts);
	// Also of the version before, while pages of it lie here.
	const there = (await store.match(at)) ?? (await caches.match(at));
	if (there) return there;
	const answer = await fetch(request);
	if (answer.status === 200) await store.put(at, answer.clone());
	return answer;
}

/**
 * A form of a page: where no answer comes its fields wait on the device's shelf, among what else waits there, and
 * the page is as it was. Whoever sends what waits says that it comes from there, and is given no answer then.
 */
async function form(request: Request, words: string): Promise<Response> {
	const url = new URL(request.url);
	const copy = request.clone();
	const answer = await fetch(request).catch(() => null);
	if (answer || request.headers.has(fromShelf)) return answer ?? Response.error();
	const who = await (await cached(owner))?.text();
	const [account, ownGroup] = who?.split(' ') ?? [];
	const group = url.searchParams.get('group') ?? ownGroup;
	try {
		const fields = new URLSearchParams(
			[...(await copy.formData())].map(([k, v]) => [k, String(v)])
		);
		await new Shelf(Promise.resolve({ openDB })).put({
			key: newKey(),
			group: group ?? '',
			...(account && { account }),
			type: formType,
			typed: typedForm(url, fields.toString()),
			at: nowSaid(),
			words
		});
	} catch {
		return Response.error();
	}
	// Asked by a script, it goes where a redirect would.
	return request.mode === 'navigate'
		? Response.redirect(url.pathname, 303)
		: Response.json({ type: 'redirect', status: 303, location: url.pathname });
}

worker.addEventListener('fetch', (event) => {
	const { request, clientId } = event;
	const url = new URL(request.url);
	if (url.origin !== worker.location.origin) return;
	// Whoever signs in or out, or goes to another group, leaves no page behind: none of before, and none that was asked for
	// until it was done.
	if (request.method !== 'GET') {
		if (/^\/(account|groups|sign-in|welcome)\b/.test(url.pathname)) {
			event.waitUntil(forget());
			return event.respondWith(fetch(request).finally(forget));
		}
		const words = request.method === 'POST' ? wordsOfForm(url) : null;
		if (words !== null) event.respondWith(form(request, words));
		return;
	}
	// Who is sent to sign in has no session: no page stays here.
	if (request.mode === 'navigate' && /^\/sign-in\/?$/.test(url.pathname)) {
		event.waitUntil(forget());
		return;
	}
	// What sees pictures is large: it is laid by as it is fetched, where a picture is to be measured.
	if (
		ours.has(url.pathname) ||
		url.pathname.startsWith('/_app/immutable/') ||
		url.pathname === libraryAt
	)
		event.respondWith(part(request));
	else if (isLaidBy(url.pathname))
		event.respondWith(
			url.pathname.endsWith('/__data.json') ? data(request, clientId) : page(request)
		);
	else if (request.mode === 'navigate')
		event.respondWith(fetch(request).catch(() => nothingHere()));
});

/** Lays by a page, whole and as the application asks for it, unless it was just now. */
async function layBy(address: string, notWithinMs: number, since: number): Promise<void> {
	if (since !== generation) return;
	const url = new URL(address, worker.location.origin);
	const dataAt = new URL(
		`${url.pathname.replace(/\/$/, '')}/__data.json${url.search}`,
		worker.location.origin
	);
	const there = await cached(laidAt(dataAt));
	if (there && Date.now() - Number(there.headers.get(mark)) < notWithinMs) return;
	await keep(laidAt(url), await fetch(url), since);
	await keep(laidAt(dataAt), await fetch(dataAt), since);
}

/** Lays by what every page is made of. */
async function layParts(): Promise<void> {
	const store = await caches.open(parts);
	const has = new Set((await store.keys()).map(({ url }) => new URL(url).pathname));
	await store.addAll([...build, ...files].filter((at) => !has.has(at)));
}

/** What sees pictures is laid by with the page that uses it, however it was fetched. */
async function layLibrary(address: string): Promise<void> {
	const { pathname } = new URL(address, worker.location.origin);
	const store = await caches.open(parts);
	if (pathname === '/photo' && !(await store.match(libraryAt)))
		await store.add(libraryAt).catch(() => {});
}

/** A page was opened by somebody, for a group: it is laid by, and the others of the table after it. */
async function opened(who: string, address: string, days: number): Promise<void> {
	const since = generation;
	const isOthers = (await (await cached(owner))?.text()) !== who;
	if (since !== generation) return;
	if (isOthers) {
		await caches.delete(pages);
		await putInCache(owner, new Response(who), since);
	}
	await note(since, days);
	await Promise.all([layBy(address, freshMs, since), layParts(), layLibrary(address)]);
	await renew();
	if (!isOthers) return;
	await new Promise((resolve) => setTimeout(resolve, restMs));
	for (const one of pagesToLayBy) await layBy(one, freshMs, since).catch(() => {});
}
worker.addEventListener('message', (event) => {
	const { who, address, days, over } = (event.data ?? {}) as Record<string, unknown>;
	if (over === true) event.waitUntil(forget());
	if (
		typeof who === 'string' &&
		typeof address === 'string' &&
		isLaidBy(address.split('?')[0] ?? '')
	)
		event.waitUntil(
			opened(who, address, typeof days === 'number' && days > 0 ? days : 7).catch(() => {})
		);
});
