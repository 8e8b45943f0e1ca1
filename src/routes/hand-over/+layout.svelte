<script lang="ts">
	import StagePage from '$lib/ui/StagePage.svelte';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
</script>

<StagePage {children} />
