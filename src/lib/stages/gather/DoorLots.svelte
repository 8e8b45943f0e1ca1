<script lang="ts">
	// What lies at the door: what each place brought and nobody has sorted yet. One is chosen, and goes down as it is sorted.
	import { DoorLots as say } from '$lib/words/gather';
	import { rejectRange, rejectRate } from '$lib/core/gather/reject-rate';
	import { wholeNumber } from '$lib/ui/number-words';
	import SackDrawing from './SackDrawing.svelte';

	interface Lot {
		readonly id: string;
		readonly name: string;
		readonly bags: number;
		readonly sorted: number;
		readonly rejected: number;
		/** Hanging to dry: sorted once, and still to be looked at. */
		readonly hanging: number;
	}
	interface Props {
		lots: readonly Lot[];
		/** The name of the place that is being sorted. */
		chosen: string;
		/** Bags of it on the piles, not kept yet. */
		tapped: number;
		onchoose: (name: string) => void;
	}
	const { lots, chosen, tapped, onchoose }: Props = $props();
	const same = (name: string) => name.trim().toLowerCase() === chosen.trim().toLowerCase();
	const left = (lot: Lot) =>
		Math.max(0, Math.round(lot.bags - lot.sorted - lot.hanging) - (same(lot.name) ? tapped : 0));
	const lot = $derived(lots.find(({ name }) => same(name)));
	const percent = (share: number) => Math.round(share * 100);
</script>

<section class="sheet grid gap-3 p-4" aria-labelledby="door">
	<h2 id="door">{say.waitingToBeSorted()}</h2>
	{#if lots.length === 0}
		<p>{say.nothingToSortYetBags()}</p>
	{:else}
		<ul class="grid gap-1">
			{#each lots as one (one.id)}
				<li>
					<button
						type="button"
						class="flex min-h-14 w-full flex-wrap items-center gap-x-3 rounded-lg border-2 px-3 text-left {same(
							one.name
						)
							? 'border-primary bg-primary/12 font-semibold'
							: 'border-transparent'}"
						aria-pressed={same(one.name)}
						data-lot={one.name}
						onclick={() => onchoose(one.name)}
					>
						<SackDrawing bags={left(one)} />
						<span class="flex-1">{one.name}</span>
						<span class="figure text-xl font-bold" data-left>{wholeNumber(left(one))}</span>
					</button>
				</li>
			{/each}
		</ul>
		{#if lot}
			{@const range = rejectRange(lot)}
			<p class="text-[0.9375rem]" data-rate>
				{#if lot.sorted > 0}
					{say.soFarOf100Bags({ name: lot.name, percent: percent(lot.rejected / lot.sorted) })}
				{/if}
				{say.aboutOf100WillBe({
					percent: percent(rejectRate(lot)),
					percent2: percent(range.low),
					percent3: percent(range.high)
				})}
			</p>
		{/if}
	{/if}
</section>
