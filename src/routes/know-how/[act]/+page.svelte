<script lang="ts">
	import ActSteps from '$lib/stages/know-how/ActSteps.svelte';
	import { acts } from '$lib/stages/know-how/acts';
	import { exerciseNames } from '$lib/stages/know-how/exercise-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const act = $derived(acts[data.act]);
</script>

<svelte:head><title>{act.title} · Nest Row</title></svelte:head>

<main id="main" class="mx-auto w-full max-w-3xl flex-1 px-5 py-4 max-sm:px-4">
	<p><a class="inline-flex min-h-11 link items-center" href="/know-how">Know-how</a></p>
	<h1 class="text-2xl font-bold">{act.title}</h1>
	<p class="quiet">{act.when}</p>
	<div class="sheet mt-3 p-4">
		{#key data.act}<ActSteps steps={data.steps} />{/key}
	</div>
	<p class="flex flex-wrap gap-x-5 print:hidden">
		<a class="inline-flex min-h-11 link items-center" href="/know-how/{data.act}/card.pdf"
			>On one page (PDF)</a
		>
		<a class="inline-flex min-h-11 link items-center" href="/know-how/{data.act}/card.pdf?large=yes"
			>In large print</a
		>
	</p>
	{#if act.practice}
		<p>
			<a
				class="inline-flex min-h-11 link items-center"
				href="/know-how/practice?kind={act.practice}">Practise: {exerciseNames[act.practice]}</a
			>
		</p>
	{/if}
</main>
