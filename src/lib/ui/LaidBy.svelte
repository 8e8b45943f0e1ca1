<script lang="ts">
	// A page that was laid by on this device says so, and how old it is.
	import { LaidBy as say } from '$lib/words/common';
	import { afterNavigate, invalidateAll } from '$app/navigation';
	import { onMount } from 'svelte';
	import { agoWords, momentWords } from './day-words';

	/** For whom pages are laid by: an account and a group. */
	interface Props {
		who: string;
		/** So many days pages stay here without an answer. */
		days: number;
		/** The session is over: no page stays here. */
		isOver: boolean;
	}
	const { who, days, isOver }: Props = $props();
	$effect(() => {
		if (isOver) navigator.serviceWorker?.controller?.postMessage({ over: true });
	});
	let laidAt = $state<number | null>(null);

	onMount(() => {
		const { laid } = document.documentElement.dataset;
		laidAt = laid ? Number(laid) : null;
		if (!('serviceWorker' in navigator)) return;
		const hear = ({ data }: MessageEvent) => {
			if (typeof data === 'object' && data !== null && 'laidAt' in data)
				laidAt = (data as { laidAt: number | null }).laidAt;
		};
		const anew = () => {
			if (laidAt !== null) void invalidateAll();
		};
		navigator.serviceWorker.addEventListener('message', hear);
		window.addEventListener('online', anew);
		return () => {
			navigator.serviceWorker.removeEventListener('message', hear);
			window.removeEventListener('online', anew);
		};
	});

	// What was opened once is laid by, and is there without network.
	afterNavigate(({ to }) => {
		if (!('serviceWorker' in navigator) || !to) return;
		void navigator.serviceWorker
			.register('/service-worker.js', { type: 'module' })
			.then(() => navigator.serviceWorker.ready)
			.then(({ active }) =>
				active?.postMessage({ who, days, address: to.url.pathname + to.url.search })
			)
			.catch(() => {});
	});
</script>

{#if laidAt !== null}
	<p
		class="no-print mx-5 mt-2 rounded-lg bg-(--caution-ground) px-4 py-2 max-sm:mx-4"
		role="status"
		data-laid-by
	>
		{say.noNetworkJustNowThis({
			ago: agoWords(Date.now() - laidAt),
			moment: momentWords(new Date(laidAt))
		})}
	</p>
{/if}
