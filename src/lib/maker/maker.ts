// Takes over the page behind a maker's link, and lays it by in the phone's own store.
import { hydrate } from 'svelte';
import MakerPage from './MakerPage.svelte';
import './maker.css';
import type { MakerView } from './maker-view';

const target = document.getElementById('maker');
const said = document.getElementById('view')?.textContent;
if (target && said)
	hydrate(MakerPage, {
		target,
		props: { view: JSON.parse(said) as MakerView, address: location.pathname }
	});

/** The page and what it is made of are there without network from now on. */
async function layBy(): Promise<void> {
	await navigator.serviceWorker.register('/m/worker.js', { scope: '/m/' });
	const { active } = await navigator.serviceWorker.ready;
	const parts = [...document.querySelectorAll('script[src], link[rel=stylesheet]')].map(
		(part) => part.getAttribute('src') ?? part.getAttribute('href') ?? ''
	);
	active?.postMessage([location.pathname, ...parts]);
}
if ('serviceWorker' in navigator) void layBy().catch(() => {});
