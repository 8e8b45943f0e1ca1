<script lang="ts">
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
</script>

<PageTitle />

<dl class="sheet mt-3 p-4">
	{#each data.words as { word, means, id } (id)}
		<dt class="mt-3 scroll-mt-4 font-semibold first:mt-0 target:bg-accent" {id}>{word}</dt>
		<dd class="break-words">{means}</dd>
	{/each}
</dl>
