<script lang="ts">
	import '../app.css';
	import StageBar from '$lib/components/StageBar.svelte';
	import type { LayoutProps } from './$types';

	const { data, children }: LayoutProps = $props();

	// Says that the page's scripts have taken over its forms.
	$effect(() => {
		document.documentElement.dataset.scripts = 'on';
	});
</script>

<svelte:head>
	<noscript><link rel="stylesheet" href="/without-scripts.css" /></noscript>
</svelte:head>

<a
	class="sr-only z-50 bg-accent p-3 text-accent-content focus:not-sr-only focus:absolute"
	href="#main">To the work on this page</a
>
<div class="flex min-h-dvh flex-col">
	<StageBar group={data.group} />
	{@render children()}
</div>
