<script lang="ts">
	import { GatherPage as say } from '$lib/words/gather';
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import DropOffForm from '$lib/stages/gather/DropOffForm.svelte';
	import TakeBack from '$lib/entries/TakeBack.svelte';
	import TakeBackCell from '$lib/stages/gather/TakeBackCell.svelte';
	import OlderLinks from '$lib/ui/OlderLinks.svelte';
	import SamePlaces from '$lib/stages/gather/SamePlaces.svelte';
	import Table from '$lib/ui/Table.svelte';
	import { rejectRate } from '$lib/core/gather/reject-rate';
	import { countRange, wholeNumber } from '$lib/ui/number-words';
	import { shortDayWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
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
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]"
>
	<DropOffForm
		places={data.places.map(({ name }) => name)}
		today={data.group.today}
		kinds={data.kinds}
		sent={form?.entry}
		isScaleShown={data.group.isDemo}
	/>

	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<section class="sheet p-4" aria-labelledby="places">
			<h2 id="places">{say.sources()}</h2>
			{#if data.places.length === 0}
				<p class="mt-2">{say.noPlaceYetTheFirst()}</p>
			{:else}
				<Table
					heads={[
						say.source(),
						{ label: say.bagsSoFar(), isFigure: true },
						{ label: say.sorted(), isFigure: true },
						{ label: say.unusableSoFar(), isFigure: true },
						{ label: say.expectedOfMore(), isFigure: true },
						say.last()
					]}
				>
					{#each data.places as place (place.id)}
						<tr data-place={place.name}>
							<th class="font-semibold" scope="row">{place.name}</th>
							<td class="figure text-right">{wholeNumber(place.bags)}</td>
							<td class="figure text-right">{wholeNumber(place.sorted)}</td>
							<td class="figure text-right" data-rejected>{wholeNumber(place.rejected)}</td>
							<td class="figure quiet text-right" data-expected
								>{Math.round(rejectRate(place) * 100)} %</td
							>
							<td class="quiet whitespace-nowrap"
								>{place.lastCame ? shortDayWords(place.lastCame) : ''}</td
							>
						</tr>
					{/each}
				</Table>
			{/if}
			{#if data.account === null || data.account.role === 'coordinator'}
				<SamePlaces
					places={data.places}
					problem={form && 'message' in form ? (form.message ?? '') : ''}
				/>
			{/if}
		</section>
		<section class="sheet p-4" aria-labelledby="came">
			<h2 id="came">{say.dropOffs()}</h2>
			{#if data.dropOffs.length === 0}
				<p class="mt-2">{say.nothingYetCountWhatIs()}</p>
			{:else}
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
							<td class="figure text-right font-semibold" data-label="Bags">
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
			{/if}
			<OlderLinks oldest={data.oldest} isNewest={data.isNewest} part="came" />
		</section>
	</div>
</div>
