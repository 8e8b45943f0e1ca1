<script lang="ts">
	// What the browser calls a page: by the table of routes, or by the one thing it is about.
	import { PageTitle as say } from '$lib/words/common';
	import { page } from '$app/state';

	const { of }: { of?: string } = $props();
	const titles = $derived((page.data as { bar?: { titles: Record<string, string> } }).bar?.titles);
</script>

<svelte:head
	><title>{say.nestRow({ of: of ?? titles?.[page.route.id ?? ''] ?? '' })}</title></svelte:head
>
