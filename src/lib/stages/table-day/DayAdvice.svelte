<script lang="ts">
	// What would be better: who waits for film, the one move that helps most, and where one more pair of hands would.
	import { DayAdvice as say } from '$lib/words/table-day';
	import { lineStations } from '$lib/core/assembly-line/assembly-line';
	import { clockWords } from './clock';
	import type { DayBench } from './day-bench.svelte';
	import { handsWords, moreWords, stationWords } from './day-words';

	interface Props {
		bench: DayBench;
		isKeeping: boolean;
		/** Makes the move that is advised. */
		onmove: () => void;
	}
	const { bench, isKeeping, onmove }: Props = $props();
	const { day } = $derived(bench);
	const { counts } = $derived(bench.answer);
	const nameOf = (id: string) => day.people.find((one) => one.id === id)?.name ?? '';
	const isAllUsed = $derived(counts.bags + counts.flat + counts.pieces < 1);
	const most = $derived(Math.max(1, ...Object.values(bench.adds)));
	/** The station that waits for film longest, and since when. */
	const starving = $derived.by(() => {
		const waits = lineStations.map((station) => {
			const seats = bench.lineDay.sittings.flatMap((sitting, at) =>
				sitting.station === station ? [at] : []
			);
			const lasts = seats.reduce((sum, at) => sum + (bench.answer.seats[at]?.starvedS ?? 0), 0);
			const from = bench.course.find(
				({ atS, doing }) => atS >= 600 && seats.some((at) => doing[at] === 'starved')
			);
			return { station, lasts, from: from?.atS };
		});
		const worst = waits.toSorted((a, b) => b.lasts - a.lasts)[0];
		return worst && worst.lasts > 900 && worst.from !== undefined ? worst : null;
	});
</script>

<section class="sheet p-4" aria-label={say.advice()} data-advice>
	{#if starving && !isAllUsed}
		<h3 class="text-lg font-semibold">
			{say.waitForFilmFrom({
				handsWords: handsWords[starving.station],
				clock: clockWords(day.from + (starving.from ?? 0) / 60)
			})}
		</h3>
	{:else if isAllUsed}<h3 class="text-lg font-semibold">{say.allBagsBecomeYarn()}</h3>
	{:else}<h3 class="text-lg font-semibold">{say.theLineFlows()}</h3>{/if}
	{#if bench.move}
		<p class="my-2">
			{#if bench.move.from === null}
				{say.seat()} <strong>{nameOf(bench.move.name)}</strong>
				{say.atFrom({
					stationWords: stationWords[bench.move.to],
					clock: clockWords(day.from + bench.move.atS / 60)
				})}
			{:else}
				{say.move()} <strong>{nameOf(bench.move.name)}</strong>
				{say.fromToAt({
					stationWords: stationWords[bench.move.from],
					stationWords2: stationWords[bench.move.to],
					clock: clockWords(day.from + bench.move.atS / 60)
				})}
			{/if}
		</p>
		<button class="btn btn-accent" disabled={isKeeping} onclick={onmove}>
			{bench.move.from === null ? say.seat() : say.move()}
			{nameOf(bench.move.name)}: {moreWords(bench.move.balls)}
		</button>
	{:else if bench.lineDay.sittings.length === 0}
		<p class="mt-2">{say.nobodyHasASeatYet()}</p>
	{:else}<p class="mt-2">{say.noSingleMoveBringsMore()}</p>{/if}
</section>
<section class="sheet p-4" aria-label={say.oneMoreVolunteer()}>
	<h3 class="text-lg font-semibold">{say.oneMoreVolunteer()}</h3>
	<dl class="mt-2 grid grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-x-3 gap-y-1">
		{#each lineStations as station (station)}
			<dt>{station}</dt>
			<dd aria-hidden="true">
				<span
					class="block h-4 bg-primary"
					style:width="{(100 * Math.max(0, bench.adds[station])) / most}%"
				></span>
			</dd>
			<dd class="font-semibold" data-adds={station}>
				{bench.adds[station] > 0 ? '+' : ''}{bench.adds[station]}
			</dd>
		{/each}
	</dl>
</section>
