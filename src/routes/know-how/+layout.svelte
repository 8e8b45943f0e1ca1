<script lang="ts">
	import { afterNavigate } from '$app/navigation';
	import { getOutbox } from '$lib/entries/outbox-context';
	import WaitingList from '$lib/entries/WaitingList.svelte';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
	const outbox = getOutbox();
	// What was opened once is laid by, and is there without network.
	afterNavigate(({ to }) => {
		if (!('serviceWorker' in navigator) || !to) return;
		void navigator.serviceWorker
			.register('/service-worker.js', { scope: '/know-how', type: 'module' })
			.then(() => navigator.serviceWorker.ready)
			.then(({ active }) => active?.postMessage(to.url.pathname + to.url.search))
			.catch(() => {});
	});
</script>

<main id="main" class="@container mx-auto w-full max-w-4xl flex-1 px-5 py-4 max-sm:px-4">
	<WaitingList {outbox} />
	{@render children()}
</main>
