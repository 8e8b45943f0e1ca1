<script lang="ts">
	import { KnowHowActPage as say } from '$lib/words/know-how';
	import PageTitle from '$lib/entries/PageTitle.svelte';
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

<p class="quiet">{data.when}</p>
<div class="sheet mt-3 p-4">
	{#key `${data.act} ${data.hand}`}<ActSteps steps={data.steps} hand={data.hand} />{/key}
</div>
{#if data.schools.length > 0}
	<section class="sheet mt-3 p-4" aria-labelledby="schools">
		<h2 id="schools">{say.makersDiffer()}</h2>
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
			>{say.drawnForTheHandSee({ hand: data.hand, other })}</a
		>
		<a class={link} href="/know-how/{data.act}/card.pdf">{say.onOnePagePdf()}</a>
		<a class={link} href="/know-how/{data.act}/card.pdf?large=yes">{say.inLargePrint()}</a>
		{#if data.practice}
			<a class={link} href="/know-how/practice?kind={data.practice}"
				>{say.practise({ exerciseNames: exerciseNames[data.practice] })}</a
			>
		{/if}
	</p>
	<nav class="flex flex-wrap justify-between gap-x-5" aria-label={say.actsBeforeAndAfter()}>
		{#if data.before}<a class={link} href="/know-how/{data.before}"
				>{say.before({ actTitles: actTitles[data.before] })}</a
			>{/if}
		{#if data.after}<a class={link} href="/know-how/{data.after}"
				>{say.next({ actTitles: actTitles[data.after] })}</a
			>{/if}
	</nav>
</div>
