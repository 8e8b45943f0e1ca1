<script lang="ts">
	import { getOutbox } from '$lib/entries/outbox-context';
	import WaitingList from '$lib/entries/WaitingList.svelte';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
	const outbox = getOutbox();
</script>

<main id="main" class="@container mx-auto w-full max-w-4xl flex-1 px-5 py-4 max-sm:px-4">
	<WaitingList {outbox} />
	{@render children()}
</main>
