<script lang="ts">
	import { KnowHowPage as say } from '$lib/words/know-how';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { actTitles } from '$lib/stages/know-how/links/lesson-titles';
	import NextActCard from '$lib/stages/know-how/NextActCard.svelte';
	import PractisedList from '$lib/stages/know-how/PractisedList.svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const sorts = { act: say.howToDoIt2(), fault: say.whatIsWrong(), word: say.aWord() } as const;
	const link = 'inline-flex min-h-11 link items-center';
</script>

<PageTitle />

<form class="flex gap-2" method="GET" role="search">
	<input
		class="field min-w-0 flex-1"
		name="q"
		type="search"
		maxlength="80"
		aria-label={say.searchKnowHowAStep()}
		placeholder={say.searchKnowHowAStep()}
		defaultValue={data.asked}
	/>
	<button class="btn">{say.search()}</button>
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
	class="mt-3 grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_18rem]"
>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4 @min-[61rem]:order-last">
		<section
			class="grid gap-2 rounded-(--radius-box) bg-primary px-4 py-3 text-primary-content"
			aria-labelledby="wrong"
		>
			<h2 id="wrong">{say.somethingLooksWrong()}</h2>
			<p>{say.fromWhatOneSeesTo()}</p>
			<a class="btn justify-self-start btn-accent" href="/know-how/faults">{say.findAFault()}</a>
		</section>
		{#if data.person && data.next}
			<NextActCard name={data.person.name} next={data.next} today={data.today} />
		{/if}
		<section class="sheet px-4 py-3 @max-[61rem]:hidden" aria-labelledby="practice">
			<h2 id="practice">{say.practise()}</h2>
			<p class="quiet">{say.aQuestionAtATime()}</p>
			<PractisedList named={null} />
		</section>
	</div>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		{#each data.groups as { title, acts }, nth (title)}
			<section aria-labelledby="acts-{nth}">
				<h2 id="acts-{nth}">{title}</h2>
				<ul class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(min(9.5rem,46%),1fr))] gap-3">
					{#each acts as { name, when } (name)}
						<li class="grid">
							<div
								class="sheet relative grid grid-rows-[auto_1fr] overflow-hidden hover:border-primary"
							>
								<span class="grid h-28 place-items-center bg-white p-2"
									><img
										class="max-h-24 w-full object-contain"
										src="/know-how/{name}/picture.svg"
										alt=""
										loading="lazy"
										width="228"
										height="170"
									/></span
								>
								<div class="px-3 py-2">
									<!-- The whole card is pressed. -->
									<a
										class="block min-h-11 leading-snug font-bold break-words after:absolute after:inset-0 after:rounded-(--radius-box)"
										href="/know-how/{name}">{actTitles[name]}</a
									>
									<p class="quiet line-clamp-2 text-[0.875rem] leading-snug">{when}</p>
								</div>
							</div>
						</li>
					{/each}
				</ul>
			</section>
		{/each}
		<section class="sheet px-4 py-3 @min-[61rem]:hidden" aria-labelledby="practice-too">
			<h2 id="practice-too">{say.practise()}</h2>
			<p class="quiet">{say.aQuestionAtATime()}</p>
			<a class="btn" href="/know-how/practice">{say.goOn()}</a>
		</section>
	</div>
</div>
