<script lang="ts">
	// What the browser calls a page: by the table of routes, or by the one thing it is about.
	import { page } from '$app/state';

	const { of }: { of?: string } = $props();
	const titles = $derived((page.data as { bar?: { titles: Record<string, string> } }).bar?.titles);
</script>

<svelte:head><title>{of ?? titles?.[page.route.id ?? '']} · Nest Row</title></svelte:head>
