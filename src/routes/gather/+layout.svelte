<script lang="ts">
	import StagePage from '$lib/entries/StagePage.svelte';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
	const parts = [
		{ href: '/gather', label: 'Drop-offs' },
		{ href: '/gather/sort', label: 'Sorting' },
		{ href: '/gather/store', label: 'The store' },
		{ href: '/gather/asks', label: 'Asks' },
		{ href: '/gather/kinds', label: 'Bag kinds' },
		{ href: '/gather/lists', label: 'Lists' }
	];
</script>

<StagePage stage="Gather" {parts} {children} />
