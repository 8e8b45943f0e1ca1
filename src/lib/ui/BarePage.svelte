<script lang="ts">
	// A page of nothing but rows, which others are measured against.
	const { rows }: { rows: readonly string[] } = $props();
</script>

<svelte:head><title>A bare page · Nest Row</title></svelte:head>

<h2>A bare page</h2>
{#each rows as row, at (at)}<p>{row}</p>{/each}
