<script lang="ts">
	import StagePage from '$lib/entries/StagePage.svelte';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
	const parts = [
		{ href: '/prepare', label: 'The table' },
		{ href: '/prepare/balls', label: 'Balls and labels' },
		{ href: '/prepare/days', label: 'Table days' },
		{ href: '/prepare/tools', label: 'Tools' },
		{ href: '/people', label: 'People' }
	];
</script>

<StagePage stage="Prepare" {parts} {children} />
