<script lang="ts">
	import { HomePage as say } from '$lib/words/today';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import { invalidate } from '$app/navigation';
	import {
		addsWords,
		chanceWords,
		leverWords,
		outlookWords
	} from '$lib/stages/season/season-words';
	import DayCard from '$lib/stages/today/DayCard.svelte';
	import FilmStrip from '$lib/stages/today/FilmStrip.svelte';
	import FirstVisit from '$lib/stages/today/FirstVisit.svelte';
	import GoalBar from '$lib/stages/today/GoalBar.svelte';
	import NameAsked from '$lib/ui/NameAsked.svelte';
	import { nearDayWords, titleDayWords } from '$lib/ui/day-words';
	import { linkTo } from '$lib/ui/offered';
	import Search from '@lucide/svelte/icons/search';
	import { capital, smallNumber } from '$lib/ui/number-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	// A forecast that was not there at once is looked for again.
	$effect(() => {
		if (data.first || !data.goal || data.said) return;
		const again = setTimeout(() => void invalidate('app:today'), 1500);
		return () => clearTimeout(again);
	});
</script>

<StagePage>
	<PageTitle of={titleDayWords(data.today)}>
		<a
			class="btn btn-square btn-ghost @min-[48rem]/page:hidden"
			href="/search"
			aria-label={say.search()}><Search class="size-5" /></a
		>
	</PageTitle>
	{#if data.group.isNameUnknown}<NameAsked group={data.group} />{/if}
	{#if data.first}
		<FirstVisit />
	{:else}
		{@const { acts, goal, said, day } = data}
		<div
			class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]"
		>
			<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
				{#if day}<DayCard {day} today={data.today} />
				{:else}
					<section
						class="sheet flex flex-wrap items-center justify-between gap-3 px-4 py-3"
						aria-labelledby="no-day"
					>
						<h2 id="no-day">{say.noTableDayYet()}</h2>
						<a class="btn" {...linkTo('/prepare/days')}>{say.planATableDay()}</a>
					</section>
				{/if}
				<section
					class="sheet grid grid-cols-[minmax(0,1fr)] gap-2 px-4 py-3"
					aria-labelledby="season"
				>
					{#if goal}
						<div class="flex flex-wrap items-baseline justify-between gap-x-4">
							<h2 id="season">
								{say.by({
									wanted: capital(smallNumber(goal.wanted)),
									yearDay: nearDayWords(goal.by, data.today)
								})}
							</h2>
							{#if said}<p class="text-lg font-bold" data-chance={said.chance}>
									{chanceWords(said.chance)}
								</p>{/if}
						</div>
						<GoalBar wanted={goal.wanted} there={data.start} expected={said?.expected ?? null} />
						{#if said}
							<p>{outlookWords(said)}.</p>
							<ul class="@max-[48rem]/page:hidden">
								{#each said.levers.filter(({ adds }) => adds >= 0.25) as { what, adds, outlook } (what)}
									<li
										class="flex flex-wrap justify-between gap-x-4 border-t border-base-300 py-1.5"
									>
										<span>{capital(leverWords(what, 1))}</span>
										<strong>{addsWords(adds)}, {chanceWords(outlook.chance)}</strong>
									</li>
								{/each}
							</ul>
						{:else}
							<p role="status">{say.theSeasonIsGoneThrough()}</p>
						{/if}
						<a class="link-row" href="/season">{say.theSeason()}</a>
					{:else}
						<h2 id="season">{say.theSeason()}</h2>
						<p>
							{say.noPlaceAsksForMats()}
							<a class="link" href="/hand-over/asks">{say.askedAndPromised()}</a>.
						</p>
					{/if}
				</section>
			</div>
			<section class="sheet px-4 py-2" aria-labelledby="next">
				<h2 id="next" class="py-1">
					{acts.length > 0 ? say.whatIsNext() : say.nothingToDoRightNow()}
				</h2>
				<ol>
					{#each acts as act (act.id)}
						<li
							class="flex items-center justify-between gap-x-3 border-t border-base-300 py-2"
							data-act={act.id}
						>
							<div class="min-w-0">
								<p class="font-semibold break-words">{act.title}</p>
								<p class="quiet text-[0.9375rem] break-words @max-[48rem]/page:hidden">
									{act.reason} <span class="whitespace-nowrap">{capital(act.when)}.</span>
								</p>
							</div>
							<a class="btn h-auto min-h-11 max-w-[40%] shrink-0 whitespace-normal" href={act.href}
								>{act.does}<span class="sr-only">: {act.title}</span></a
							>
						</li>
					{/each}
				</ol>
				{#if acts.length === 0}<p class="pb-3">{say.nothingPressesNoMatWaits()}</p>{/if}
				{#if data.more > 0}<p class="quiet py-2">
						{say.moreCanWait({ more: capital(smallNumber(data.more)) })}
					</p>{/if}
				<p>
					<a class="link-row" {...linkTo('/season/words')}>{say.weeklyNoteAndInvitations()}</a>
				</p>
			</section>
		</div>
		<FilmStrip parts={data.strip} />
	{/if}
</StagePage>
