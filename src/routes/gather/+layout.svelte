<script lang="ts">
	import StageParts from '$lib/ui/StageParts.svelte';
	import WaitingList from '$lib/entries/WaitingList.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
	const outbox = getOutbox();
	const parts = [
		{ href: '/gather', label: 'Drop-offs' },
		{ href: '/gather/sort', label: 'Sorting' },
		{ href: '/gather/store', label: 'The store' },
		{ href: '/gather/asks', label: 'Asks' },
		{ href: '/gather/kinds', label: 'Bag kinds' },
		{ href: '/gather/lists', label: 'Lists' }
	];
</script>

<main id="main" class="@container mx-auto w-full max-w-6xl flex-1 px-5 py-4 max-sm:px-4">
	<h1 class="sr-only">Gather</h1>
	<StageParts stage="Gather" {parts} />
	<WaitingList {outbox} />
	{@render children()}
</main>
