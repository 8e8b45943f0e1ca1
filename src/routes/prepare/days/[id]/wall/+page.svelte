<script lang="ts">
	import PageTitle from '$lib/entries/PageTitle.svelte';
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

<PageTitle />

<WallView day={data.day} work={data.work} made={data.made} minute={data.minute} />
