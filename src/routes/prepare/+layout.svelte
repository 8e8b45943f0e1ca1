<script lang="ts">
	import StageParts from '$lib/ui/StageParts.svelte';
	import WaitingList from '$lib/entries/WaitingList.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
	const outbox = getOutbox();
	const parts = [
		{ href: '/prepare', label: 'The table' },
		{ href: '/prepare/balls', label: 'Balls and labels' },
		{ href: '/prepare/days', label: 'Table days' },
		{ href: '/prepare/tools', label: 'Tools' },
		{ href: '/people', label: 'People' }
	];
</script>

<main id="main" class="@container mx-auto w-full max-w-6xl flex-1 px-5 py-4 max-sm:px-4">
	<h1 class="sr-only">Prepare</h1>
	<StageParts stage="Prepare" {parts} />
	<WaitingList {outbox} />
	{@render children()}
</main>
