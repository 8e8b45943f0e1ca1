<script lang="ts">
	import StageParts from '$lib/ui/StageParts.svelte';
	import WaitingList from '$lib/entries/WaitingList.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
	const outbox = getOutbox();
	const parts = [
		{ href: '/hand-over', label: 'Send' },
		{ href: '/hand-over/asks', label: 'Asked and promised' },
		{ href: '/hand-over/pillows', label: 'Pillows' },
		{ href: '/hand-over/account', label: 'What it came to' }
	];
</script>

<main id="main" class="@container mx-auto w-full max-w-6xl flex-1 px-5 py-4 max-sm:px-4">
	<h1 class="sr-only">Hand over</h1>
	<StageParts stage="Hand over" {parts} />
	<WaitingList {outbox} />
	{@render children()}
</main>
