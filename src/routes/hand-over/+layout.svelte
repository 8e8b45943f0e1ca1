<script lang="ts">
	import { HandOverLayout as say } from '$lib/words/hand-over';
	import StagePage from '$lib/entries/StagePage.svelte';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
</script>

<StagePage stage={say.handOver()} of="hand-over" {children} />
