<script lang="ts">
	// On the day and after it: its stations on their tablets, what was done against what was foreseen,
	// and the end, when who came is kept and the works are learned.
	import { lineStations } from '$lib/core/line/line';
	import Ticks from '$lib/stages/people/Ticks.svelte';
	import { figure } from '$lib/ui/number-words';
	import { countWords } from './count-words';
	import type { DayWork, PlannedDay } from './day-view';
	import { stationWords } from './day-words';
	import { learnedOf } from './learned';
	import type { DayLack, DayTap } from './taps';
	import { doneOf, tapWords } from './taps';

	interface Props {
		day: PlannedDay;
		work: DayWork;
		taps: readonly DayTap[];
		lacks: readonly DayLack[];
		problem: string;
	}
	const { day, work, taps, lacks, problem }: Props = $props();
	const done = $derived(doneOf(taps));
	const learned = $derived(learnedOf(day, work, taps));
	const nouns = { flatten: 's a bag', cut: 's a bag', join: 's a joint', ball: 's a ball' };
	const lackNouns: Readonly<Record<string, string>> = {
		bag: 'bags',
		flat: 'flat bags',
		piece: 'pieces',
		strand: 'pieces of strand'
	};
</script>

<section
	class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4"
	id="run"
	aria-label="The day itself"
>
	<h3 class="text-lg font-semibold">
		{day.isClosed ? 'What came of it' : day.isOpen ? 'The day is open' : 'The day itself'}
	</h3>
	{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
	<p>
		<strong data-made>{countWords('balls', done.ball)}</strong> wound
		{#if day.foreseen}
			· foreseen: {countWords('balls', day.foreseen.balls)}, {day.foreseen.low} to {day.foreseen
				.high} by chance
		{/if}
		{#if day.ballsWanted !== null}· {day.ballsWanted} wanted{/if}
	</p>
	<p class="quiet">{lineStations.map((station) => tapWords(station, done[station])).join(' · ')}</p>
	{#if taps.length > 0}
		<p data-lacks>
			{#if lacks.length === 0}The store agrees with what was tapped.
			{:else}The book had less than was tapped: {lacks
					.map(({ form, amount }) => `${figure(amount)} ${lackNouns[form] ?? form}`)
					.join(', ')} came from nowhere it knows.
				<a class="link" href="/prepare">Count the piles again</a>.{/if}
		</p>
	{/if}
	{#if !day.isClosed}
		<ul class="flex flex-wrap gap-2">
			{#each lineStations as station (station)}
				<li>
					<a class="btn" href="/prepare/days/{day.id}/{station}">Tablet: {stationWords[station]}</a>
				</li>
			{/each}
			<li><a class="btn" href="/prepare/days/{day.id}/wall">For the wall</a></li>
		</ul>
		{#if !day.isOpen}
			<form method="POST" action="?/open">
				<input type="hidden" name="version" value={day.version} />
				<button class="btn btn-accent">Open the day</button>
				<span class="quiet">What is foreseen now is kept, to be looked back on.</span>
			</form>
		{/if}
		<details>
			<summary class="min-h-11 cursor-pointer py-2 font-semibold">End the day</summary>
			<form class="grid grid-cols-[minmax(0,1fr)] gap-3" method="POST" action="?/close">
				<input type="hidden" name="version" value={day.version} />
				<Ticks
					title="Who came"
					name="came"
					options={day.people.map(({ id, name }) => ({ value: id, label: name }))}
					ticked={day.seats.map(({ personId }) => personId)}
				/>
				<button class="btn justify-self-start btn-accent">End the day</button>
			</form>
		</details>
	{/if}
	{#if learned.length > 0}
		<div>
			<h4 class="font-semibold">
				{day.isClosed ? 'Learned from the taps' : 'What the taps would teach'}
			</h4>
			<ul>
				{#each learned as { station, units, minutes } (station)}
					<li data-learned={station}>
						{stationWords[station]}: {figure((minutes * 60) / units)}
						{nouns[station]}, over {figure(minutes)} minutes of the usual pace
					</li>
				{/each}
			</ul>
			{#if day.isClosed}
				<p class="quiet">
					They stand under <a class="link" href="/measures">Measures</a>; the next day is planned by
					them.
				</p>
			{/if}
		</div>
	{/if}
</section>
