// Lays by the know-how: its pages as they were opened, and all they are made of, so that they open without network.
/// <reference types="@sveltejs/kit" />
/// <reference lib="webworker" />
import { orLaidBy } from '$lib/ui/or-laid-by';
import { build, files, version } from '$service-worker';

const worker = globalThis as unknown as ServiceWorkerGlobalScope;
/** Made of what does not change within a version: it goes with it. */
const parts = `know-how parts ${version}`;
const pages = 'know-how pages';
/** So long a page is waited for where an older one lies here, ms. */
const patienceMs = 3000;
const ours = new Set([...build, ...files]);

worker.addEventListener('install', () => void worker.skipWaiting());
worker.addEventListener('activate', (event) =>
	event.waitUntil(
		caches
			.keys()
			.then((names) =>
				Promise.all(
					names
						.filter((name) => name.startsWith('know-how parts') && name !== parts)
						.map((name) => caches.delete(name))
				)
			)
			.then(() => worker.clients.claim())
	)
);

/** Under which address a page lies here: what is asked of it beside is asked for anew each time. */
const laidAt = ({ pathname, search }: URL): string =>
	pathname + search.replace(/[?&]x-sveltekit-[^&]*/g, '');

async function fresh(request: Request, store: string, at: string): Promise<Response> {
	const answer = await fetch(request);
	if (answer.ok && answer.status === 200) await (await caches.open(store)).put(at, answer.clone());
	return answer;
}

/** A page as it is now; where no answer comes, as it was opened last. */
async function page(request: Request): Promise<Response> {
	const at = laidAt(new URL(request.url));
	const there = await (await caches.open(pages)).match(at);
	const asked = fresh(request, pages, at).catch(() => null);
	return orLaidBy(asked, there, patienceMs);
}

async function part(request: Request): Promise<Response> {
	const at = new URL(request.url).pathname;
	return (await (await caches.open(parts)).match(at)) ?? fresh(request, parts, at);
}

worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	if (request.method !== 'GET' || url.origin !== worker.location.origin) return;
	if (ours.has(url.pathname)) event.respondWith(part(request));
	else if (url.pathname.startsWith('/know-how') && !url.pathname.endsWith('.pdf'))
		event.respondWith(page(request));
});

/** Lays by a page that was opened, whole and as the application asks for it, and what every page is made of. */
async function layBy(address: string): Promise<void> {
	const url = new URL(address, worker.location.origin);
	const data = `${url.pathname.replace(/\/$/, '')}/__data.json${url.search}`;
	await Promise.all([
		fresh(new Request(address), pages, laidAt(url)),
		fresh(new Request(data), pages, laidAt(new URL(data, url))),
		caches.open(parts).then(async (store) => {
			const has = new Set((await store.keys()).map(({ url: at }) => new URL(at).pathname));
			await store.addAll(build.filter((at) => !has.has(at)));
		})
	]);
}
worker.addEventListener('message', (event) => {
	if (typeof event.data === 'string' && event.data.startsWith('/know-how'))
		event.waitUntil(layBy(event.data).catch(() => {}));
});
