<script lang="ts">
	import WaitingList from '$lib/entries/WaitingList.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
	const outbox = getOutbox();
</script>

<main id="main" class="@container mx-auto w-full max-w-6xl flex-1 px-5 py-4 max-sm:px-4">
	<h1 class="sr-only">Hand over</h1>
	<WaitingList {outbox} />
	{@render children()}
</main>
