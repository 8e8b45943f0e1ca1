<script lang="ts">
	import { MethodFieldView as say } from '$lib/words/plan';
	import { onMount } from 'svelte';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { MethodField } from '$lib/stages/plan/bench/method-field.svelte';
	import type { ComparedMethod } from '$lib/core/compare/compare-all';
	import { methodWords } from '$lib/stages/plan/words/method-words';
	import { figure, wholeNumber } from '$lib/ui/number-words';
	import Term from '$lib/ui/Term.svelte';
	import { worthThinking, type Shortage } from '$lib/core/compare/worth-thinking';
	import MethodChart from './MethodChart.svelte';
	import WaysView from './WaysView.svelte';

	const { bench }: { bench: Bench } = $props();
	const methods = new MethodField();
	onMount(() => () => methods.end());

	// What the field depends on; all else of the plan leaves it as it is.
	const asked = $derived(
		JSON.stringify([bench.plan.bag, bench.plan.target, bench.plan.finish, bench.plan.work])
	);
	$effect(() => {
		void asked;
		const timer = setTimeout(() => methods.compare(bench.plan, bench.practice), 150);
		return () => clearTimeout(timer);
	});

	const orders = {
		bags: {
			label: say.fewestBags(),
			by: (a: ComparedMethod, b: ComparedMethod) => a.bags - b.bags
		},
		hours: {
			label: say.fewestHours(),
			by: (a: ComparedMethod, b: ComparedMethod) => a.hours - b.hours
		},
		cover: {
			label: say.closestFabric(),
			by: (a: ComparedMethod, b: ComparedMethod) => b.cover - a.cover
		}
	} as const;
	let order = $state<keyof typeof orders>('hours');
	let isCloseOnly = $state(true);
	const listed = $derived(
		(methods.field?.front ?? [])
			.filter(({ cover }) => !isCloseOnly || cover >= 1 - 1e-9)
			.toSorted(orders[order].by)
	);
	const shown = $derived(listed.slice(0, 12));
	let shortage = $state<Shortage>('bags');
	const ways = $derived(worthThinking(methods.field?.front ?? [], shortage));
	/** The same whatever is short, so that the chart stands while they are ordered anew. */
	const few = $derived(
		ways
			.map(({ method }) => method.index)
			.sort((a, b) => a - b)
			.join(' ')
	);
	const takeUp = ({ cut, technique }: ComparedMethod) =>
		bench.patch({ cut: { ...cut }, technique: { ...technique }, join: undefined });
	const pick = async (index: number) => {
		const method = await methods.method(index);
		if (method) takeUp(method);
	};
</script>

<section
	class="grid grid-cols-[minmax(0,1fr)] gap-3"
	aria-labelledby="field"
	data-took={methods.tookMs}
>
	<h2 id="field">{say.waysWorthConsidering()}</h2>
	{#if methods.field}
		{@const { field } = methods}
		<p class="text-[0.9375rem]">
			{say.ofWaysToMakeThis({ length: wholeNumber(field.bags.length) })}
		</p>
		<WaysView {bench} {ways} bind:shortage ontake={takeUp} />
		<details class="grid gap-3 border-t border-base-300 pt-2">
			<summary class="btn justify-start btn-ghost px-2 font-normal">{say.allWays()}</summary>
			<div class="grid grid-cols-[minmax(0,1fr)] gap-3 pt-2">
				<p class="text-[0.9375rem]">
					{say.everySensibleCutWithEvery({ length: field.front.length })}
					<Term term="best">{say.best()}</Term>{say.noOtherWayHasFewer()}
				</p>
				<MethodChart
					{field}
					here={{
						bags: bench.estimate.model.toCollect,
						hours: bench.estimate.tally.hours.expected
					}}
					worth={few}
					onpick={pick}
				/>
				<div class="flex flex-wrap items-center gap-4">
					<label class="flex items-center gap-2 text-[0.9375rem]">
						{say.sortBy()}
						<select class="field w-auto max-w-full" bind:value={order}>
							{#each Object.entries(orders) as [value, { label }] (value)}<option {value}
									>{label}</option
								>{/each}
						</select>
					</label>
					<label class="flex min-h-11 items-center gap-2 text-[0.9375rem]">
						<input class="checkbox" type="checkbox" bind:checked={isCloseOnly} />
						{say.onlyCloseFabric()}
					</label>
				</div>
				<div class="overflow-x-auto">
					<table class="w-full text-left text-[0.9375rem]">
						<thead class="quiet">
							<tr>
								<th class="py-1 pr-3 font-normal" scope="col">{say.cut()}</th>
								<th class="px-3 py-1 font-normal" scope="col">{say.made()}</th>
								<th class="px-3 py-1 text-right font-normal" scope="col">{say.bags()}</th>
								<th class="px-3 py-1 text-right font-normal" scope="col">{say.hours()}</th>
								<th class="px-3 py-1 text-right font-normal" scope="col">{say.coverOfClose()}</th>
								<th scope="col"><span class="sr-only">{say.useThis()}</span></th>
							</tr>
						</thead>
						<tbody>
							{#each shown as method (method.index)}
								{@const words = methodWords(method, bench.system, bench.terms)}
								<tr class="border-t border-base-300">
									<td class="py-1 pr-3">{words.cut}</td>
									<td class="px-3 py-1">{words.made}</td>
									<td class="figure px-3 py-1 text-right">{wholeNumber(method.bags)}</td>
									<td class="figure px-3 py-1 text-right">{figure(method.hours)}</td>
									<td class="figure px-3 py-1 text-right">{Math.round(method.cover * 100)} %</td>
									<td class="py-1 text-right">
										<button type="button" class="btn px-3" onclick={() => takeUp(method)}
											>{say.useThis()}</button
										>
									</td>
								</tr>
							{/each}
						</tbody>
					</table>
				</div>
				{#if listed.length > shown.length}<p class="quiet text-[0.9375rem]">
						{say.moreAreOnTheChart({ length: listed.length - shown.length })}
					</p>{/if}
				{#if listed.length === 0}<p class="text-[0.9375rem]">
						{say.noneOfTheBestWays()}
					</p>{/if}
			</div>
		</details>
	{/if}
	{#if methods.progress !== null}
		<label class="quiet flex items-center gap-3 text-[0.9375rem]">
			{say.workingThemOut()}
			<progress class="progress w-48 progress-primary" max="1" value={methods.progress}></progress>
		</label>
	{/if}
	<p class="sr-only" role="status">
		{methods.progress === null && methods.field
			? say.methodsWorkedOut({ length: methods.field.bags.length })
			: ''}
	</p>
</section>
