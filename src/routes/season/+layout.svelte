<script lang="ts">
	import StagePage from '$lib/entries/StagePage.svelte';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
	const parts = [
		{ href: '/season', label: 'Will we make it' },
		{ href: '/season/kept', label: 'What was foretold' },
		{ href: '/season/words', label: 'Words to people' }
	];
</script>

<StagePage stage="The season" {parts} {children} />
