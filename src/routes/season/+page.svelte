<script lang="ts">
	// Will we make it: the goals, a row a week, what changed, what is short, what would help, and the chain behind it.
	import { SeasonPage as msg } from '$lib/words/season';
	import EmptyState from '$lib/ui/EmptyState.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { navigating, page } from '$app/state';
	import SeasonChain from '$lib/stages/season/SeasonChain.svelte';
	import SeasonChanges from '$lib/stages/season/SeasonChanges.svelte';
	import SeasonExchange from '$lib/stages/season/SeasonExchange.svelte';
	import SeasonGoals from '$lib/stages/season/SeasonGoals.svelte';
	import SeasonLevers from '$lib/stages/season/SeasonLevers.svelte';
	import SeasonRests from '$lib/stages/season/SeasonRests.svelte';
	import SeasonShort from '$lib/stages/season/SeasonShort.svelte';
	import SeasonTried from '$lib/stages/season/SeasonTried.svelte';
	import SeasonWeeks from '$lib/stages/season/SeasonWeeks.svelte';
	import PressOnce from '$lib/entries/PressOnce.svelte';
	import type { Outlook, SeasonOrder, SeasonSaid } from '$lib/stages/season/season-said';
	import SeasonWorker from '$lib/stages/season/season.worker?worker';
	import { WorkerBench } from '$lib/stages/season/worker-bench.svelte';
	import { orderOf } from '$lib/stages/season/season-view';
	import { weekRows } from '$lib/stages/season/season-weeks';
	import {
		changedWords,
		chanceWords,
		leversWords,
		outlookWords,
		seasonQuery,
		thereWords
	} from '$lib/stages/season/season-words';
	import { rhythmWords } from '$lib/stages/table-day/rhythm-words';
	import { yearDayWords } from '$lib/ui/day-words';
	import { capital } from '$lib/ui/number-words';
	import { actTo, linkTo } from '$lib/ui/offered';
	import Plus from '@lucide/svelte/icons/plus';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const { basis, goal, asked, change } = $derived(data);
	const bench = new WorkerBench<SeasonOrder, SeasonSaid>(() => new SeasonWorker());
	const said = $derived(data.said ?? bench.said);
	/** What a lever was said to do, shown at once when it is tapped. */
	let seen = $state.raw<{ readonly href: string; readonly outlook: Outlook } | null>(null);
	const outlook = $derived<Outlook | null>(
		said ?? (seen && seen.href === `${page.url.pathname}${page.url.search}` ? seen.outlook : null)
	);
	const tried = $derived(changedWords(asked, basis));
	$effect(() => {
		if (!goal || data.said) return;
		bench.reckon(orderOf(basis, goal, asked));
		return () => bench.end();
	});
	const working = $derived(bench.progress !== null || navigating.to?.url.pathname === '/season');
	const rows = $derived(outlook ? weekRows(basis, said?.allWeeks ?? outlook.weeks, data.away) : []);
	const start = $derived((basis.goals.at(-1)?.handedOver ?? 0) + basis.ready);
</script>

<PageTitle />

{#if form && 'message' in form && form.message}
	<p class="font-semibold text-error" role="alert">{form.message}</p>
{/if}
{#if basis.goals.length === 0}
	<div data-nothing>
		<EmptyState
			words={msg.noPlaceAsksForMats()}
			href="/hand-over/asks"
			act={msg.askedAndPromised()}
		/>
	</div>
{:else if !goal}
	<div data-no-rhythm>
		<EmptyState words={msg.setRhythmFirst()} href="/prepare/days#rhythm" act={msg.setRhythm()} />
	</div>
	<div class="mt-4"><SeasonChain chain={data.chain} today={basis.today} /></div>
{:else}
	<p class="mb-2 flex flex-wrap items-center gap-x-6">
		{#if data.rhythm}
			<a class="inline-flex min-h-11 link items-center" href="/prepare/days#rhythm"
				>{rhythmWords(data.rhythm, basis.today)}</a
			>
		{/if}
		<a
			class="inline-flex min-h-11 items-center gap-1 font-semibold"
			href="/prepare/days#away"
			hidden={actTo('/prepare/days?/away').hidden}
			><Plus class="size-5" aria-hidden="true" />{msg.someoneIsAway()}</a
		>
	</p>
	<div
		class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_20rem]"
	>
		<div class="grid grid-cols-[minmax(0,1fr)] gap-3" aria-busy={working}>
			<SeasonGoals {basis} {goal} {asked} goals={said?.goals ?? null} />
			{#if outlook}
				<p data-expected={outlook.expected}>
					<span data-chance={outlook.chance}
						><strong>{yearDayWords(goal.by)}: {outlookWords(outlook)}</strong>, {chanceWords(
							outlook.chance
						)}.</span
					>
					<span class="quiet">{thereWords(goal, basis)}</span>
					<a class="inline-flex min-h-11 link items-center" href="#rests">{msg.howWeKnow()}</a>
				</p>
			{/if}
			{#if tried || basis.counted.length > 0}
				<SeasonTried {basis} {goal} {asked} {tried} {outlook} plain={said?.plain ?? null} />
			{/if}
			{#if bench.progress !== null}
				<label class="grid gap-1">
					<span class="quiet">{msg.workingOutTheSeason()}</span>
					<progress class="progress w-full" value={bench.progress} max="1"></progress>
				</label>
			{/if}
			{#if rows.length > 0}<SeasonWeeks {rows} today={basis.today} {start} />
			{:else if outlook}<p class="quiet">{msg.lessThanAWeekIs()}</p>{/if}
			<p role="status" class="sr-only">{working ? msg.workingItOut() : ''}</p>
			<SeasonChain chain={data.chain} today={basis.today} />
			<SeasonRests {basis} longAgo={data.longAgo} hits={data.hits} />
		</div>
		<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
			{#if data.changed && outlook}
				<SeasonChanges
					since={data.changed.day}
					before={data.changed.before}
					expected={outlook.expected}
					changes={data.changed.changes}
					today={basis.today}
					names={data.changed.names}
				/>
			{/if}
			{#if outlook}
				<SeasonShort heldBackBy={outlook.heldBackBy} bags={data.chain.bags} today={basis.today} />
			{/if}
			<section class="sheet grid gap-2 p-4" aria-labelledby="levers">
				<h2 id="levers">{msg.whatWouldHelp()}</h2>
				{#if said}
					<SeasonLevers
						levers={said.levers}
						heldBackBy={said.heldBackBy}
						{basis}
						{asked}
						{goal}
						onsee={(href, outlook) => (seen = { href, outlook })}
					/>
				{:else}<p class="quiet">{msg.whatOneMoreOfEach()}</p>{/if}
				<a class="btn justify-self-start" {...linkTo(`/season/plan?by=${goal.by}`)} data-best-plan
					>{msg.findTheBestPlan()}</a
				>
				<h3 class="mt-2 text-lg" id="nine">{msg.whatWouldMakeItNine()}</h3>
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
	<div class="mt-4 grid grid-cols-[minmax(0,1fr)] gap-2">
		<div class="flex flex-wrap items-center gap-x-5 gap-y-2">
			{#if said && !tried}
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
				href="/season/sheet.pdf{seasonQuery(goal.by, asked)}&large=yes">{msg.inLargePrint()}</a
			>
			<a class="inline-flex min-h-11 link items-center" href="/season/calendar.ics"
				>{msg.calendarOfTheSeason()}</a
			>
			<a class="inline-flex min-h-11 link items-center" href="/season/kept">{msg.pastForecasts()}</a
			>
		</div>
	</div>
{/if}
