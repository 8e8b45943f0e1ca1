<script lang="ts">
	import { SeasonPage as msg } from '$lib/words/season';
	import EmptyState from '$lib/ui/EmptyState.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { navigating, page } from '$app/state';
	import { noLevers } from '$lib/core/season/forecast';
	import SeasonExchange from '$lib/stages/season/SeasonExchange.svelte';
	import SeasonLevers from '$lib/stages/season/SeasonLevers.svelte';
	import SeasonOutlook from '$lib/stages/season/SeasonOutlook.svelte';
	import SeasonRests from '$lib/stages/season/SeasonRests.svelte';
	import PressOnce from '$lib/entries/PressOnce.svelte';
	import { SeasonBench } from '$lib/stages/season/season-bench.svelte';
	import type { Outlook } from '$lib/stages/season/season-said';
	import { orderOf } from '$lib/stages/season/season-view';
	import {
		changedWords,
		chanceWords,
		leversWords,
		seasonQuery
	} from '$lib/stages/season/season-words';
	import { shortDayWords } from '$lib/ui/day-words';
	import { capital, wholeNumber } from '$lib/ui/number-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const { basis, goal, asked, change } = $derived(data);
	const bench = new SeasonBench();
	const said = $derived(data.said ?? bench.said);
	/** What a lever was said to do, shown at once when it is tapped. */
	let seen = $state.raw<{ readonly href: string; readonly outlook: Outlook } | null>(null);
	const outlook = $derived<Outlook | null>(
		said ?? (seen && seen.href === `${page.url.pathname}${page.url.search}` ? seen.outlook : null)
	);
	const changed = $derived(changedWords(asked, basis));
	$effect(() => {
		if (!goal || data.said) return;
		bench.reckon(orderOf(basis, goal, asked));
		return () => bench.end();
	});
	const working = $derived(bench.progress !== null || navigating.to?.url.pathname === '/season');
</script>

<PageTitle />

{#if !goal}
	<div data-nothing>
		<EmptyState
			words={msg.noPlaceAsksForMats()}
			href="/hand-over/asks"
			act={msg.askedAndPromised()}
		/>
	</div>
{:else}
	<nav class="flex flex-wrap gap-x-2" aria-label={msg.by3()}>
		{#each basis.goals as one (one.by)}
			<a
				class="inline-flex min-h-11 items-center rounded-lg px-3 underline underline-offset-3 aria-[current=page]:bg-primary/12 aria-[current=page]:font-semibold aria-[current=page]:text-primary aria-[current=page]:no-underline"
				href="/season{seasonQuery(one.by, asked)}"
				aria-current={one.by === goal.by ? 'page' : undefined}
				>{msg.by({ wanted: wholeNumber(one.wanted), shortDay: shortDayWords(one.by) })}</a
			>
		{/each}
	</nav>
	<div
		class="mt-2 grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_24rem]"
	>
		<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
			<section
				class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4"
				aria-labelledby="goal"
				aria-busy={working}
			>
				{#if outlook}
					<SeasonOutlook {outlook} plain={said?.plain ?? null} {goal} {basis} {changed} />
				{:else}
					<h2 id="goal">
						{msg.by2({ wanted: wholeNumber(goal.wanted), shortDay: shortDayWords(goal.by) })}
					</h2>
				{/if}
				{#if bench.progress !== null}
					<label class="grid gap-1">
						<span class="quiet">{msg.workingOutTheSeason()}</span>
						<progress class="progress w-full" value={bench.progress} max="1"></progress>
					</label>
				{/if}
				{#if changed}
					<a
						class="inline-flex min-h-11 link items-center justify-self-start"
						href="/season{seasonQuery(goal.by, { levers: noLevers, other: null })}"
						data-sveltekit-noscroll>{msg.withoutChanges()}</a
					>
				{/if}
				{#if said}
					<div class="flex flex-wrap items-center gap-x-5 gap-y-2">
						{#if !changed}
							{#key `${goal.by} ${said.expected}`}
								<PressOnce
									type="foretold"
									typed={{ by: goal.by }}
									label={msg.saveForecast()}
									words={msg.aForecastOfMatsBy({ wanted: goal.wanted, by: goal.by })}
									kept={msg.savedAfterItsDayIt()}
								/>
							{/key}
						{/if}
						<a
							class="inline-flex min-h-11 link items-center"
							href="/season/sheet.pdf{seasonQuery(goal.by, asked)}">{msg.seasonSheetPdf()}</a
						>
						<a
							class="inline-flex min-h-11 link items-center"
							href="/season/sheet.pdf{seasonQuery(goal.by, asked)}&large=yes"
							>{msg.inLargePrint()}</a
						>
						<a class="inline-flex min-h-11 link items-center" href="/season/calendar.ics"
							>{msg.calendarOfTheSeason()}</a
						>
					</div>
				{/if}
				{#if data.hits}<p class="quiet" data-hits>
						{data.hits} <a class="link" href="/season/kept">{msg.pastForecasts()}</a>
					</p>{/if}
				<p role="status" class="sr-only">{working ? msg.workingItOut() : ''}</p>
			</section>
			<SeasonRests {basis} />
		</div>
		<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
			<section class="sheet grid gap-2 p-4" aria-labelledby="levers">
				<h2 id="levers">{msg.whatWouldHelp()}</h2>
				{#if said}
					<SeasonLevers
						levers={said.levers}
						heldBackBy={said.heldBackBy}
						{asked}
						{goal}
						onsee={(href, outlook) => (seen = { href, outlook })}
					/>
				{:else}<p class="quiet">{msg.whatOneMoreOfEach()}</p>{/if}
			</section>
			<section class="sheet grid gap-2 p-4" aria-labelledby="nine">
				<h2 id="nine">{msg.whatWouldMakeItNine()}</h2>
				{#if !data.isNineAsked}
					<a
						class="btn justify-self-start"
						href="/season{seasonQuery(goal.by, asked)}&nine=yes"
						data-sveltekit-noscroll>{msg.findTheSmallestChange()}</a
					>
				{:else if change}
					<p data-change={change.chance}>
						{#if leversWords(change.levers) === ''}{msg.itIsThatLikelyAs()}{:else}{msg.andThen({
								levers: capital(leversWords(change.levers)),
								chance: chanceWords(change.chance)
							})}
							<a
								class="link"
								href="/season{seasonQuery(goal.by, { levers: change.levers, other: null })}"
								>{msg.seeIt()}</a
							>{/if}
					</p>
				{:else}
					<p data-change="">
						{msg.noChangeOfUpTo()}
					</p>
				{/if}
			</section>
			<SeasonExchange {basis} {goal} {asked} exchanges={data.exchanges} />
		</div>
	</div>
{/if}
