<script lang="ts">
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import ActSteps from '$lib/stages/know-how/ActSteps.svelte';
	import { actTitles } from '$lib/stages/know-how/links/lesson-titles';
	import { exerciseNames } from '$lib/stages/know-how/links/exercise-names';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const title = $derived(actTitles[data.act]);
	const other = $derived(data.hand === 'right' ? 'left' : 'right');
	const link = 'inline-flex min-h-11 link items-center';
</script>

<PageTitle of={title} />

<p><a class={link} href="/know-how">Know-how</a></p>
<h1 class="text-2xl font-bold">{title}</h1>
<p class="quiet">{data.when}</p>
<div class="sheet mt-3 p-4">
	{#key `${data.act} ${data.hand}`}<ActSteps steps={data.steps} hand={data.hand} />{/key}
</div>
{#if data.schools.length > 0}
	<section class="sheet mt-3 p-4" aria-labelledby="schools">
		<h2 id="schools">Practised hands differ</h2>
		<dl>
			{#each data.schools as { name, trade } (name)}
				<dt class="mt-2 font-semibold">{name}</dt>
				<dd>{trade}</dd>
			{/each}
		</dl>
	</section>
{/if}
<div class="print:hidden">
	<p class="flex flex-wrap gap-x-5">
		<a class={link} href="/know-how/{data.act}?hand={other}" data-sveltekit-noscroll
			>Drawn for the {data.hand} hand: see it for the {other}</a
		>
		<a class={link} href="/know-how/{data.act}/card.pdf">On one page (PDF)</a>
		<a class={link} href="/know-how/{data.act}/card.pdf?large=yes">In large print</a>
		{#if data.practice}
			<a class={link} href="/know-how/practice?kind={data.practice}"
				>Practise: {exerciseNames[data.practice]}</a
			>
		{/if}
	</p>
	<nav class="flex flex-wrap justify-between gap-x-5" aria-label="Acts before and after">
		{#if data.before}<a class={link} href="/know-how/{data.before}"
				>Before: {actTitles[data.before]}</a
			>{/if}
		{#if data.after}<a class={link} href="/know-how/{data.after}">Next: {actTitles[data.after]}</a
			>{/if}
	</nav>
</div>
