<script lang="ts">
	import { GatherPage as say } from '$lib/words/gather';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import DropOffForm from '$lib/stages/gather/DropOffForm.svelte';
	import TakeBack from '$lib/entries/TakeBack.svelte';
	import TakeBackCell from '$lib/stages/gather/TakeBackCell.svelte';
	import OlderLinks from '$lib/ui/OlderLinks.svelte';
	import CameLately from '$lib/stages/gather/CameLately.svelte';
	import Table from '$lib/ui/Table.svelte';
	import { countRange, wholeNumber } from '$lib/ui/number-words';
	import { shortDayWords } from '$lib/ui/day-words';
	import { untrack } from 'svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	// Once a line of it is wanted, the table stays open.
	let isTableOpen = $state(untrack(() => data.back !== null || !data.isNewest));
	$effect(() => {
		if (data.back !== null || !data.isNewest) isTableOpen = true;
	});
	const wordsOf = (line: { bags: number; place: string }) =>
		say.bagsFrom({ bags: wholeNumber(line.bags), place: line.place });
	const isRough = (line: { bagsLow: number; bagsHigh: number }) =>
		line.bagsHigh - line.bagsLow > 0.5;
	const countedWords = {
		hand: say.byHand(),
		weight: say.byWeight(),
		batches: say.inBatches()
	} as const;
</script>

<PageTitle />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[76rem]:grid-cols-[minmax(0,46rem)_minmax(0,1fr)]"
>
	<DropOffForm
		sources={data.places}
		today={data.group.today}
		kinds={data.kinds}
		sent={form?.entry}
		isScaleShown={data.group.isDemo}
	/>

	<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4" aria-labelledby="came">
		<h2 id="came">{say.cameLately()}</h2>
		{#if data.dropOffs.length === 0}
			<p>{say.nothingYetCountWhatIs()}</p>
		{:else}
			<CameLately lines={data.dropOffs} today={data.group.today} />
			<details bind:open={isTableOpen}>
				<summary class="flex min-h-11 cursor-pointer items-center font-semibold"
					>{say.allAsATable()}</summary
				>
				<Table
					heads={[
						say.day(),
						say.source(),
						{ label: say.bags(), isFigure: true },
						say.counted(),
						{ label: say.correct(), isSilent: true }
					]}
					stacks
				>
					{#each data.dropOffs as line (line.id)}
						<tr class={line.takenBack === null ? '' : 'quiet'} data-came={line.id}>
							<td class="whitespace-nowrap">{shortDayWords(line.cameOn)}</td>
							<td>
								{line.place}{line.broughtBy ? say.by({ broughtBy: line.broughtBy }) : ''}
								{#if line.damp !== null}<span class="quiet block text-sm" data-damp
										>{say.cameDampHungToDry()}</span
									>{/if}
								{#if line.note}<span class="quiet block text-sm">{line.note}</span>{/if}
							</td>
							<td class="figure text-right font-semibold" data-label={say.bags()}>
								{wholeNumber(line.bags)}
								{#if isRough(line)}<span class="quiet block text-sm font-normal"
										>{countRange(line.bagsLow, line.bagsHigh)}</span
									>{/if}
							</td>
							<td>{countedWords[line.method]}</td>
							<TakeBackCell {line} back={data.back} words={wordsOf(line)} />
						</tr>
						{#if data.back === line.id && line.takenBack === null}
							<TakeBack
								of="drop-off"
								id={line.id}
								words={wordsOf(line)}
								columns={5}
								sent={form?.entry}
								gives={data.gives}
							/>
						{/if}
					{/each}
				</Table>
				<OlderLinks oldest={data.oldest} isNewest={data.isNewest} part="came" />
			</details>
		{/if}
		<p><a class="link-row" href="/places">{say.sourcesAndReceivingPlaces()}</a></p>
	</section>
</div>
