<script lang="ts">
	import StageParts from '$lib/ui/StageParts.svelte';
	import WaitingList from '$lib/entries/WaitingList.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
	const outbox = getOutbox();
	const parts = [
		{ href: '/season', label: 'Will we make it' },
		{ href: '/season/kept', label: 'What was foretold' },
		{ href: '/season/words', label: 'Words to people' }
	];
</script>

<main id="main" class="@container mx-auto w-full max-w-6xl flex-1 px-5 py-4 max-sm:px-4">
	<h1 class="sr-only">The season</h1>
	<StageParts stage="The season" {parts} />
	<WaitingList {outbox} />
	{@render children()}
</main>
