<script lang="ts">
	import { SeasonLayout as say } from '$lib/words/season';
	import StagePage from '$lib/entries/StagePage.svelte';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
</script>

<StagePage stage={say.theSeason()} of="season" {children} />
