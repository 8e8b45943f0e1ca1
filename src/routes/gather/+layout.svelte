<script lang="ts">
	import StagePage from '$lib/entries/StagePage.svelte';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
</script>

<StagePage stage="Gather" of="gather" {children} />
