// The service worker of makers' links: pages are asked for first and taken from here where no answer comes;
// what they are made of has its version in its address, and is taken from here at once.
/// <reference lib="webworker" />
import { orLaidBy } from '$lib/ui/or-laid-by';

const worker = globalThis as unknown as ServiceWorkerGlobalScope;

const store = 'maker';
/** So long a page is waited for, ms. */
const patienceMs = 4000;

worker.addEventListener('install', () => void worker.skipWaiting());
worker.addEventListener('activate', (event) => event.waitUntil(worker.clients.claim()));

/** Lays by what a page names; of what it is made of, only this version stays. */
async function layBy(addresses: readonly string[]): Promise<void> {
	const cache = await caches.open(store);
	await cache.addAll(addresses);
	const isOlder = ({ url }: Request) => {
		const { pathname, search } = new URL(url);
		return search !== '' && !addresses.includes(pathname + search);
	};
	for (const request of await cache.keys()) if (isOlder(request)) await cache.delete(request);
}
worker.addEventListener('message', (event) => {
	const said: unknown = event.data;
	if (Array.isArray(said) && said.every((one) => typeof one === 'string'))
		event.waitUntil(layBy(said).catch(() => {}));
});

async function page(request: Request): Promise<Response> {
	const cache = await caches.open(store);
	const there = await cache.match(new URL(request.url).pathname);
	const asked = fetch(request).then(
		async (answer) => {
			if (answer.ok) await cache.put(new URL(request.url).pathname, answer.clone());
			// A link that opens nothing any more is laid by no longer.
			else if (answer.status === 404) await cache.delete(new URL(request.url).pathname);
			return answer;
		},
		() => null
	);
	return orLaidBy(asked, there, patienceMs);
}

worker.addEventListener('fetch', (event) => {
	const { request } = event;
	if (request.method !== 'GET') return;
	if (request.mode === 'navigate') event.respondWith(page(request));
	else if (new URL(request.url).search.startsWith('?v='))
		event.respondWith(caches.match(request).then((there) => there ?? fetch(request)));
});
