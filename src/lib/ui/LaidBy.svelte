<script lang="ts">
	// Lays by each page as it is opened, and hears whether the one that is shown came from this device.
	import { afterNavigate, invalidateAll } from '$app/navigation';
	import { onMount } from 'svelte';
	import { laidBy } from './laid-by.svelte';

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

	onMount(() => {
		const { laid } = document.documentElement.dataset;
		laidBy.at = laid ? Number(laid) : null;
		if (!('serviceWorker' in navigator)) return;
		const hear = ({ data }: MessageEvent) => {
			if (typeof data === 'object' && data !== null && 'laidAt' in data)
				laidBy.at = (data as { laidAt: number | null }).laidAt;
		};
		const anew = () => {
			if (laidBy.at !== null) void invalidateAll();
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
