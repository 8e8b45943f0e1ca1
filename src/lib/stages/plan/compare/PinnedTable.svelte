<script lang="ts">
	import { PinnedTable as say } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { Pins } from '$lib/stages/plan/bench/pins.svelte';
	import { tallyNames } from '$lib/core/estimate/estimate';
	import { estimatePlan } from '$lib/core/estimate/estimate';
	import { stepLines, stepNames } from '$lib/stages/plan/words/step-lines';
	import {
		differenceWords,
		tallyUnit,
		tallyValue,
		tallyWords
	} from '$lib/stages/plan/words/tally-words';
	import Term from '$lib/ui/Term.svelte';
	import { basisWords } from '$lib/ui/basis-words';

	const { bench, pins, name }: { bench: Bench; pins: Pins; name: string } = $props();
	const tally = $derived(bench.estimate.tally);
	const columns = $derived(
		pins.all.map((pin) => ({
			...pin,
			lines: stepLines(pin.plan, estimatePlan(pin.plan, bench.practice), bench.system, bench.terms)
		}))
	);
</script>

<section class="grid grid-cols-[minmax(0,1fr)] gap-3" aria-labelledby="pinned">
	<h2 id="pinned">{say.sideBySide()}</h2>
	<p class="quiet text-[0.9375rem]">
		{say.allFigures({ basis: basisWords(bench.estimate.basis) })}
	</p>
	{#if columns.length === 0}
		<p class="text-[0.9375rem]">
			{say.nothingToCompareYet()}
			<Term term="pin">{say.compareWith()}</Term>
			{say.thisPlanThenChangeA()}
		</p>
	{:else}
		<div class="overflow-x-auto">
			<table class="w-full text-left text-[0.9375rem]">
				<thead>
					<tr class="align-bottom">
						<th class="py-2 pr-3 font-normal" scope="col"
							><span class="sr-only">{say.figure()}</span></th
						>
						<th class="px-3 py-2" scope="col"
							>{say.now()}<span class="quiet block font-normal">{name || say.noNameYet()}</span></th
						>
						{#each columns as pin, index (index)}
							<th class="px-3 py-2" scope="col">
								{index === 0 ? say.comparedWith() : say.plan({ index: index + 1 })}
								<span class="quiet block font-normal">{pin.name}</span>
							</th>
						{/each}
					</tr>
				</thead>
				<tbody>
					{#each tallyNames as figure (figure)}
						<tr class="border-t border-base-300 align-baseline">
							<th class="py-1 pr-3 font-normal whitespace-nowrap" scope="row"
								>{tallyWords[figure].label}</th
							>
							<td class="figure px-3 py-1 font-semibold whitespace-nowrap"
								>{tallyValue(tally, figure, bench.system)}
								{tallyUnit(figure, bench.system).unit}</td
							>
							{#each columns as pin, index (index)}
								<td class="figure px-3 py-1 whitespace-nowrap">
									{tallyValue(pin.tally, figure, bench.system)}
									{tallyUnit(figure, bench.system).unit}
									{#if differenceWords(tally, pin.tally, figure, bench.system)}
										<span class="quiet block text-sm"
											>{say.now2({
												difference: differenceWords(tally, pin.tally, figure, bench.system)
											})}</span
										>
									{/if}
								</td>
							{/each}
						</tr>
					{/each}
					{#each stepNames as step (step)}
						<tr class="border-t border-base-300 align-baseline">
							<th class="py-1 pr-3 font-normal capitalize" scope="row">{step}</th>
							<td class="px-3 py-1">{bench.lines[step]}</td>
							{#each columns as pin, index (index)}
								<td
									class="px-3 py-1 {pin.lines[step] === bench.lines[step]
										? 'quiet'
										: 'font-semibold'}"
									>{pin.lines[step] === bench.lines[step] ? say.theSame() : pin.lines[step]}</td
								>
							{/each}
						</tr>
					{/each}
					<tr class="border-t border-base-300">
						<th class="py-2 pr-3" scope="row"><span class="sr-only">{say.actions()}</span></th>
						<td></td>
						{#each columns as pin, index (index)}
							<td class="px-3 py-2">
								<div class="flex flex-wrap gap-1">
									<button type="button" class="btn px-3" onclick={() => bench.takeUp(pin.plan)}
										>{say.useThis()}</button
									>
									{#if index > 0}
										<button
											type="button"
											class="btn btn-ghost px-3 font-normal"
											onclick={() => pins.measureAgainst(index)}>{say.compareWith()}</button
										>
									{/if}
									<button
										type="button"
										class="btn btn-ghost px-3 font-normal"
										onclick={() => pins.remove(index)}>{say.remove()}</button
									>
								</div>
							</td>
						{/each}
					</tr>
				</tbody>
			</table>
		</div>
	{/if}
</section>
