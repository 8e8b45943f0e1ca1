<script lang="ts">
	import { KnowHowPage as say } from '$lib/words/know-how';
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import { actTitles } from '$lib/stages/know-how/links/lesson-titles';
	import PractisedList from '$lib/stages/know-how/PractisedList.svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const sorts = { act: say.howToDoIt2(), fault: say.whatIsWrong(), word: say.aWord() } as const;
	const link = 'inline-flex min-h-11 link items-center';
</script>

<PageTitle />

<h1 class="text-2xl font-bold">{say.knowHow()}</h1>
<form class="mt-2 flex flex-wrap items-end gap-2" method="GET" role="search">
	<label class="grid min-w-0 flex-1 basis-60 gap-1">
		{say.searchKnowHowAStep()}
		<input class="field w-full" name="q" type="search" maxlength="80" defaultValue={data.asked} />
	</label>
	<button class="btn btn-accent">{say.search()}</button>
</form>
<div role="status">
	{#if data.asked.trim() !== ''}
		<section class="sheet mt-3 p-4" aria-labelledby="found">
			<h2 id="found">
				{data.found.length === 0 ? say.nothingFound() : say.foundFor({ asked: data.asked })}
			</h2>
			{#if data.found.length === 0}
				<p>{say.tryOneWordOfIt()}</p>
			{/if}
			<ul>
				{#each data.found as { sort, title, about, href } (href)}
					<li class="border-t border-base-300 py-1 first:border-t-0" data-found={sort}>
						<a class="{link} text-lg" {href}>{title}</a>
						<span class="quiet">{sorts[sort]}</span>
						<p class="quiet line-clamp-2 break-words">{about}</p>
					</li>
				{/each}
			</ul>
		</section>
	{/if}
</div>
<div
	class="mt-3 grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[48rem]:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]"
>
	<section class="sheet p-4" aria-labelledby="acts">
		<h2 id="acts">{say.howToDoIt()}</h2>
		{#each data.groups as { title, acts } (title)}
			<h3 class="mt-3 font-semibold">{title}</h3>
			<ul>
				{#each acts as { name, when } (name)}
					<li class="border-t border-base-300 first:border-t-0">
						<a class="{link} text-lg" href="/know-how/{name}">{actTitles[name]}</a>
						<span class="quiet block pb-1 text-[0.9375rem]">{when}</span>
					</li>
				{/each}
			</ul>
		{/each}
	</section>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<section class="sheet p-4" aria-labelledby="wrong">
			<h2 id="wrong">{say.whenSomethingIsWrong()}</h2>
			<a class={link} href="/know-how/faults">{say.whatIsWrongWithThis()}</a>
			<p class="quiet">{say.fromWhatOneSeesTo()}</p>
		</section>
		<section class="sheet p-4" aria-labelledby="practice">
			<h2 id="practice">{say.practise()}</h2>
			<p class="quiet">{say.aQuestionAtATime()}</p>
			<PractisedList named={null} />
		</section>
		<section class="sheet p-4" aria-labelledby="words">
			<h2 id="words">{say.words()}</h2>
			<a class={link} href="/know-how/words">{say.theWordsOfTheCraft()}</a>
			<p class="quiet">{say.whatEachMeansAndThe()}</p>
		</section>
	</div>
</div>
