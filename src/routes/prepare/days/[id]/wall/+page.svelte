<script lang="ts">
	import { invalidate } from '$app/navigation';
	import WallView from '$lib/stages/table-day/WallView.svelte';
	import { onMount } from 'svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	onMount(() => {
		const timer = setInterval(() => void invalidate('app:gather').catch(() => {}), 20_000);
		return () => clearInterval(timer);
	});
</script>

<svelte:head><title>The wall · Nest Row</title></svelte:head>

<WallView day={data.day} work={data.work} made={data.made} minute={data.minute} />
