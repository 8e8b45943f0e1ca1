<script lang="ts">
	// To be read from three metres: what flows, what to do next, and the break.
	import { WallView as say } from '$lib/words/table-day';
	import { lineStations } from '$lib/core/assembly-line/assembly-line';
	import { onMount, untrack } from 'svelte';
	import { breaksOf, clockWords } from './clock';
	import { countWords } from './count-words';
	import { DayBench } from './day-bench.svelte';
	import type { DayWork, PlannedDay } from './day-view';
	import { moreWords, stationWords } from './day-words';
	import { isLineStation } from './line-day';
	import { seatsThere } from './there';

	interface Props {
		/** What is left of the day. */
		day: PlannedDay;
		work: DayWork;
		made: number;
		minute: number;
	}
	const { day, work, made, minute }: Props = $props();
	const bench = untrack(() => new DayBench(day, work));
	$effect.pre(() => {
		const [now, what] = [day, work];
		untrack(() => {
			bench.renew(now, what);
			bench.minute = now.from;
		});
	});
	$effect(() => bench.reckon(0));
	onMount(() => () => bench.end());
	const nameOf = (id: string) => day.people.find((one) => one.id === id)?.name ?? '';
	const pause = $derived(breaksOf(day).find(({ to }) => to > minute));
	const sitting = $derived(seatsThere(day.seats, day.people));
	const at = (station: string) =>
		sitting
			.filter((seat) => seat.station === station && seat.from <= day.from && day.from < seat.to)
			.map(({ personId }) => nameOf(personId));
	const elsewhere = $derived(
		sitting
			.filter((seat) => !isLineStation(seat.station) && seat.from <= day.from && day.from < seat.to)
			.map(({ personId, station }) => `${nameOf(personId)} ${station}`)
	);
</script>

<section class="grid grid-cols-[minmax(0,1fr)] gap-6 text-3xl" aria-label={say.theWall()}>
	<p class="flex flex-wrap items-baseline justify-between gap-x-8">
		<span class="text-6xl font-bold" data-made>{countWords('balls', made)}</span>
		<span
			>{say.by({
				count: countWords('balls', bench.answer.counts.balls),
				clock: clockWords(day.to)
			})}</span
		>
		<span class="text-5xl font-semibold">{clockWords(minute)}</span>
	</p>
	<ul class="grid grid-cols-[minmax(0,1fr)] gap-3 @min-[50rem]:grid-cols-2">
		{#each lineStations as station (station)}
			<li class="sheet p-4">
				<strong class="first-letter:uppercase">{stationWords[station]}</strong>
				<p class="text-2xl">{at(station).join(', ') || say.nobodyNow()}</p>
			</li>
		{/each}
	</ul>
	{#if elsewhere.length > 0}<p class="text-2xl">{elsewhere.join(' · ')}</p>{/if}
	<p class="rounded-xl bg-accent p-4 text-accent-content">
		{#if pause && pause.from <= minute}{say.aBreakUntil({ clock: clockWords(pause.to) })}
		{:else if bench.move}{say.atTo({
				clock: clockWords(day.from + bench.move.atS / 60),
				nameOf: nameOf(bench.move.name),
				stationWords: stationWords[bench.move.to],
				more: moreWords(bench.move.balls)
			})}
		{:else}{say.stayWhereYouSit()}{/if}
		{#if pause && pause.from > minute}{say.breakAt({ clock: clockWords(pause.from) })}{/if}
	</p>
</section>
