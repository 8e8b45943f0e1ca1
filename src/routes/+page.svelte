<script lang="ts">
	import { HomePage as say } from '$lib/words/today';
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import { invalidate } from '$app/navigation';
	import SeasonChart from '$lib/stages/season/SeasonChart.svelte';
	import {
		addsWords,
		chanceWords,
		leverWords,
		outlookWords
	} from '$lib/stages/season/season-words';
	import FilmStrip from '$lib/stages/today/FilmStrip.svelte';
	import { nearDayWords } from '$lib/ui/day-words';
	import { capital, smallNumber } from '$lib/ui/number-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const { acts, goal, said } = $derived(data);
	// A forecast that was not there at once is looked for again.
	$effect(() => {
		if (!goal || said) return;
		const again = setTimeout(() => void invalidate('app:today'), 1500);
		return () => clearTimeout(again);
	});
</script>

<PageTitle />

<main id="main" class="@container mx-auto w-full max-w-6xl flex-1 px-5 py-4 max-sm:px-4">
	<div class="flex flex-wrap items-baseline justify-between gap-x-6">
		<h1 class="text-2xl font-bold">{data.group.name || say.today()}</h1>
		<p class="quiet">{nearDayWords(data.today, data.today)}</p>
	</div>
	<FilmStrip parts={data.strip} />
	<div
		class="mt-4 grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_24rem]"
	>
		<section class="sheet px-4 py-2" aria-labelledby="next">
			<h2 id="next" class={acts.length > 0 ? 'sr-only' : 'py-2'}>
				{acts.length > 0 ? say.whatIsNext() : say.nothingToDoRightNow()}
			</h2>
			<ol>
				{#each acts as act (act.id)}
					<li
						class="grid gap-x-4 gap-y-2 border-t border-base-300 py-3 first:border-t-0 @min-[40rem]:grid-cols-[minmax(0,1fr)_auto] @min-[40rem]:items-center"
						data-act={act.id}
					>
						<div class="min-w-0">
							<p class="text-lg font-semibold break-words">{act.title}</p>
							<p class="quiet break-words">
								{act.reason} <span class="whitespace-nowrap">{capital(act.when)}.</span>
							</p>
						</div>
						<a class="btn h-auto min-h-11 justify-self-start whitespace-normal" href={act.href}
							>{act.does}<span class="sr-only">: {act.title}</span></a
						>
					</li>
				{/each}
			</ol>
			{#if acts.length === 0}<p class="pb-3">
					{say.nothingPressesNoMatWaits()}
				</p>{/if}
			<p class="py-1">
				<a class="inline-flex min-h-11 link items-center" href="/season/words"
					>{say.weeklyNoteAndInvitations()}</a
				>
			</p>
			{#if data.more > 0}<p class="quiet py-2">
					{say.moreCanWait({ more: capital(smallNumber(data.more)) })}
				</p>{/if}
		</section>
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-2 p-4" aria-labelledby="season">
			{#if goal && said}
				<div class="flex flex-wrap items-baseline justify-between gap-x-4">
					<h2 id="season">
						{say.by({
							wanted: capital(smallNumber(goal.wanted)),
							yearDay: nearDayWords(goal.by, data.today)
						})}
					</h2>
					<p class="text-xl font-bold" data-chance={said.chance}>{chanceWords(said.chance)}</p>
				</div>
				<p>{outlookWords(said)}.</p>
				<SeasonChart
					weeks={said.weeks}
					today={data.today}
					wanted={goal.wanted}
					start={data.start}
				/>
				<ul>
					{#each said.levers as { what, adds, outlook } (what)}
						<li class="flex flex-wrap justify-between gap-x-4 border-t border-base-300 py-2">
							<span>{capital(leverWords(what, 1))}</span>
							<strong>{addsWords(adds)}, {chanceWords(outlook.chance)}</strong>
						</li>
					{/each}
				</ul>
				<a class="inline-flex min-h-11 link items-center" href="/season">{say.theSeason()}</a>
			{:else if goal}
				<h2 id="season">
					{say.by({
						wanted: capital(smallNumber(goal.wanted)),
						yearDay: nearDayWords(goal.by, data.today)
					})}
				</h2>
				<p role="status">
					{say.theSeasonIsGoneThrough()}
				</p>
				<a class="inline-flex min-h-11 link items-center" href="/season">{say.theSeason()}</a>
			{:else}
				<h2 id="season">{say.theSeason()}</h2>
				<p>
					{say.noPlaceAsksForMats()}
					<a class="link" href="/hand-over/asks">{say.askedAndPromised()}</a>.
				</p>
			{/if}
		</section>
	</div>
</main>
