<script lang="ts">
	// The best plan we can make: worked out beside the page, with the forecast as it is beside it, and its acts to take.
	import { BestPlanPage as say } from '$lib/words/season';
	import EmptyState from '$lib/ui/EmptyState.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import BestActs from '$lib/stages/season/BestActs.svelte';
	import BestDays from '$lib/stages/season/BestDays.svelte';
	import type { BestOrder, BestSaid } from '$lib/stages/season/best-season';
	import BestWorker from '$lib/stages/season/best.worker?worker';
	import { WorkerBench } from '$lib/stages/season/worker-bench.svelte';
	import { chanceWords, outlookWords } from '$lib/stages/season/season-words';
	import { yearDayWords } from '$lib/ui/day-words';
	import { fixed } from '$lib/ui/number-words';
	import { actTo } from '$lib/ui/offered';
	import { untrack } from 'svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const bench = new WorkerBench<BestOrder, BestSaid>(() => new BestWorker());
	/** What is worked out already: the same is not worked out again when the page is read anew. */
	let asked = '';
	const reckon = (order: BestOrder) => {
		asked = JSON.stringify(order);
		bench.reckon(order);
	};
	$effect(() => {
		const { order } = data;
		if (order && JSON.stringify(order) !== asked) untrack(() => reckon(order));
	});
	$effect(() => () => bench.end());
	const said = $derived(bench.said);
</script>

<PageTitle />

{#if form && 'message' in form && form.message}
	<p class="font-semibold text-error" role="alert">{form.message}</p>
{/if}
{#if !data.order || !data.goal}
	{#if data.hasAsks}
		<EmptyState words={say.setRhythmFirst()} href="/prepare/days#rhythm" act={say.setRhythm()} />
	{:else}
		<EmptyState words={say.nothingIsAsked()} href="/hand-over/asks" act={say.asks()} />
	{/if}
{:else}
	{@const { order, goal } = data}
	<p>{say.wantedBy({ wanted: goal.wanted, day: yearDayWords(goal.by) })} {say.whatItTries()}</p>
	<div class="mt-3 grid grid-cols-[minmax(0,1fr)] gap-4">
		{#if bench.progress !== null}
			<div class="sheet flex flex-wrap items-center gap-3 p-4" aria-busy="true">
				<label class="grid min-w-0 grow gap-1">
					<span>{say.lookingForTheBest()}</span>
					<progress class="progress w-full" value={bench.progress} max="1"></progress>
				</label>
				<button class="btn" type="button" onclick={() => bench.end()}>{say.stop()}</button>
			</div>
		{:else if !said}
			<p class="flex flex-wrap items-center gap-3">
				<span>{say.stopped()}</span>
				<button class="btn" type="button" onclick={() => reckon(order)}>{say.findIt()}</button>
			</p>
		{/if}
		<noscript><p>{say.needsScripts()}</p></noscript>
		<p class="sr-only" role="status">{said ? say.found() : ''}</p>
		{#if said}
			<div class="sheet p-4">
				<table class="w-full text-left">
					<thead>
						<tr>
							<td></td>
							<th scope="col" class="pr-3">{say.matsReady()}</th>
							<th scope="col">{say.chance()}</th>
						</tr>
					</thead>
					<tbody>
						<tr data-as-is={said.asIs.expected}>
							<th scope="row" class="py-1 pr-3 font-normal">{say.asItIs()}</th>
							<td class="pr-3">{outlookWords(said.asIs)}</td>
							<td>{chanceWords(said.asIs.chance)}</td>
						</tr>
						<tr data-best={said.best.expected} class="font-semibold">
							<th scope="row" class="py-1 pr-3">{say.withAllOfIt()}</th>
							<td class="pr-3">{outlookWords(said.best)}</td>
							<td>{chanceWords(said.best.chance)}</td>
						</tr>
					</tbody>
				</table>
				<p class="quiet mt-1">
					{say.onAverage({
						before: fixed(said.asIs.expected, 1),
						after: fixed(said.best.expected, 1)
					})}
				</p>
			</div>
			<BestActs
				{said}
				names={data.names}
				planNames={data.planNames}
				isBeginKept={data.isBeginKept}
			/>
		{/if}
		{#if data.nextPlan}
			<form method="POST" class="flex flex-wrap items-center gap-x-3" {...actTo('?/next')}>
				<input type="hidden" name="plan" value="" />
				<span>{say.nextMatsFollow({ plan: data.nextPlan })}</span>
				<button class="btn btn-ghost px-3 font-normal" data-drop="next">{say.asAsked()}</button>
			</form>
		{/if}
		<BestDays aims={data.aims} bags={data.bags} today={data.today} />
		<p><a class="inline-flex min-h-11 link items-center" href="/season">{say.backToSeason()}</a></p>
	</div>
{/if}
