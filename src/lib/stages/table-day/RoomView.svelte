<script lang="ts">
	// The room from above: stations as tables along the way of the film, what lies between them, and
	// who sits there at the minute that is looked at. Names are dragged, or taken up and put down.
	import { RoomView as say } from '$lib/words/table-day';
	import type { LineStation } from '$lib/core/assembly-line/assembly-line';
	import { lineBuffers, lineStations } from '$lib/core/assembly-line/assembly-line';
	import type { SeatName } from '$lib/stages/people/seats';
	import { seatCautions, seatNames, seatWords } from '$lib/stages/people/seats';
	import type { DayBench } from './day-bench.svelte';
	import { isLineStation } from './line-day';
	import LyingThere from './LyingThere.svelte';

	interface Props {
		bench: DayBench;
		/** Seats were changed. */
		onchange: () => void;
	}
	const { bench, onchange }: Props = $props();
	/** Taken up by a press, and dragged: while a name is dragged nothing moves under it. */
	let held = $state<string | null>(null);
	let dragged = $state<string | null>(null);
	let over = $state<string | null>(null);
	const { people } = $derived(bench.day);
	const nameOf = (id: string | null) => people.find((one) => one.id === id)?.name ?? '';
	const full = $derived(
		Object.fromEntries(
			lineBuffers.map((place) => [
				place,
				Math.max(place === 'balls' ? 9 : 40, ...bench.course.map(({ amounts }) => amounts[place]))
			])
		) as Record<(typeof lineBuffers)[number], number>
	);
	const seated = $derived(people.map((person) => ({ person, ...bench.doingOf(person.id) })));
	const at = (station: string | null) =>
		seated.filter((one) =>
			station === 'elsewhere'
				? one.station !== null && !isLineStation(one.station)
				: one.station === station
		);
	/** Seats beside the line that somebody may take. */
	const elsewhereOf = (id: string): SeatName | null => {
		const seats = people.find((one) => one.id === id)?.seats ?? {};
		return (
			seatNames.find((seat) => seats[seat] && !seat.startsWith('cut') && !isLineStation(seat)) ??
			null
		);
	};
	const cautionAt = $derived(
		bench.work.line.cutTool === 'rolling-blade'
			? seatCautions['cut-blade']
			: say.scissorsLieClosedWhenPut()
	);

	function put(station: string | null): void {
		const id = dragged ?? held;
		held = dragged = null;
		over = null;
		if (id === null) return;
		const target = station === 'elsewhere' ? (elsewhereOf(id) ?? 'pillows') : station;
		if (bench.moveTo(id, target)) onchange();
	}
	const take = (id: string) => {
		held = held === id ? null : id;
		bench.refusal = '';
	};
	const doingWords: Readonly<Record<string, string>> = {
		working: '',
		starved: say.waitsForFilm(),
		blocked: say.hasNoRoom(),
		waiting: say.doneForNow(),
		resting: 'rests',
		away: ''
	};
</script>

{#snippet chip(id: string, name: string, isChild: boolean, doing: string, more: string)}
	<button
		class="inline-flex min-h-11 flex-wrap items-center gap-x-2 rounded-full border-2 px-4 font-semibold {doing ===
			'starved' || doing === 'blocked'
			? 'border-dashed border-error bg-base-100'
			: doing === 'working'
				? 'border-primary bg-primary text-primary-content'
				: 'border-base-content/40 bg-base-100'} {held === id ? 'outline-4 outline-accent' : ''}"
		draggable="true"
		aria-pressed={held === id}
		data-person={name}
		ondragstart={() => {
			held = null;
			dragged = id;
		}}
		ondragend={() => (dragged = null)}
		onclick={() => take(id)}
	>
		{name}{#if isChild}<span class="pointer-events-none font-normal">{say.child()}</span
			>{/if}{#if doingWords[doing] || more}<span
				class="pointer-events-none text-[0.875rem] font-normal">{more || doingWords[doing]}</span
			>{/if}
	</button>
{/snippet}

{#snippet table(station: LineStation | 'elsewhere' | null, heading: string, hint: string)}
	{@const key = station ?? 'nowhere'}
	<section
		class="grid content-start gap-2 rounded-xl border-2 p-3 {over === key
			? 'border-accent bg-accent/20'
			: 'border-base-300 bg-base-100'}"
		aria-label={heading}
		data-station={key}
		ondragover={(event) => {
			event.preventDefault();
			over = key;
		}}
		ondragleave={() => (over = over === key ? null : over)}
		ondrop={(event) => {
			event.preventDefault();
			put(station);
		}}
	>
		<div class="flex flex-wrap items-baseline gap-x-2">
			<h3 class="text-lg font-semibold">{heading}</h3>
			<p class="quiet text-[0.875rem]">{hint}</p>
		</div>
		<div class="flex flex-wrap gap-2">
			{#each at(station) as { person, doing, station: seat } (person.id)}
				{@render chip(
					person.id,
					person.name,
					person.isChild,
					doing,
					station === 'elsewhere' ? (seatWords[seat as SeatName] ?? '').toLowerCase() : ''
				)}
			{/each}
			{#if held !== null}
				<button class="btn btn-accent" onclick={() => put(station)}>
					{nameOf(held)}
					{station === null ? say.awayFromTheTable() : say.sitsHere()}
				</button>
			{/if}
		</div>
		{#if station === 'cut'}<p class="text-[0.875rem] text-error">{cautionAt}</p>{/if}
	</section>
{/snippet}

<div class="grid grid-cols-[minmax(0,1fr)] gap-3">
	<div
		class="grid grid-cols-[minmax(0,1fr)] items-center gap-2 @min-[44rem]:grid-cols-[auto_minmax(0,1fr)_auto_minmax(0,1fr)]"
	>
		{#each lineStations as station, nth (station)}
			{@const place = lineBuffers[nth] ?? 'bags'}
			<LyingThere {place} amount={bench.now?.amounts[place] ?? 0} full={full[place]} />
			{@render table(
				station,
				station,
				station === 'cut'
					? say.piecesABag({ piecesPerBag: bench.work.line.piecesPerBag })
					: station === 'ball'
						? say.bagsEach({ bagsPerBall: bench.work.line.bagsPerBall })
						: ''
			)}
		{/each}
	</div>
	<div class="flex flex-wrap items-start gap-4">
		<LyingThere place="balls" amount={bench.now?.amounts.balls ?? 0} full={full.balls} />
		<div
			class="grid min-w-0 flex-1 grid-cols-[minmax(0,1fr)] items-start gap-2 @min-[44rem]:grid-cols-2"
		>
			{@render table('elsewhere', 'elsewhere', say.loomsHooksPillows())}
			{@render table(null, say.noSeat(), say.atThisMinute())}
		</div>
	</div>
	<p class="sr-only" aria-live="polite">
		{held === null ? '' : say.isTakenUpChooseWhere({ nameOf: nameOf(held) })}
	</p>
</div>
