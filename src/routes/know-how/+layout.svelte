<script lang="ts">
	import { page } from '$app/state';
	import StagePage from '$lib/ui/StagePage.svelte';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
</script>

<!-- A drawing and what is done with it fit one screen; only the list of acts takes all the room there is. -->
<StagePage isNarrow={page.route.id !== '/know-how'} {children} />
