<script lang="ts">
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
</script>

<svelte:head><title>A bare page · Nest Row</title></svelte:head>

<main id="main">
	<h1>A bare page</h1>
	{#each data.rows as row, at (at)}<p>{row}</p>{/each}
</main>
