<script lang="ts">
	// The day on the bench: who sits where, what comes of it, and what would be better.
	import { applyAction, deserialize } from '$app/forms';
	import { invalidateAll } from '$app/navigation';
	import { lineStations } from '$lib/core/line/line';
	import { onMount, tick, untrack } from 'svelte';
	import type { BesideWork } from '$lib/core/line/beside';
	import { undoneWords } from './beside-words';
	import { clockWords } from './clock';
	import DayInWords from './DayInWords.svelte';
	import SeatList from './SeatList.svelte';
	import CourseChart from './CourseChart.svelte';
	import { countWords } from './count-words';
	import { DayBench } from './day-bench.svelte';
	import type { DaySeat, DayWork, PlannedDay } from './day-view';
	import { handsWords, moreWords, stationWords } from './day-words';
	import RoomView from './RoomView.svelte';
	import { movedSeats } from './line-day';

	interface Props {
		day: PlannedDay;
		work: DayWork;
		/** Why seats were not kept. */
		problem: string;
	}
	const { day, work, problem }: Props = $props();
	const bench = untrack(() => new DayBench(day, work));
	$effect.pre(() => {
		const [now, made] = [day, work];
		untrack(() => bench.renew(now, made));
	});
	/** Days by chance, as many as the page says there are. */
	const runs = 200;
	$effect(() => bench.reckon(runs));
	let isKeeping = $state(false);
	let said = $state('');
	let bound = $state<number | null>(null);
	let undone = $state('');
	let isSeating = $state(false);
	let running = $state<number | null>(null);
	let hasScripts = $state(false);
	const nameOf = (id: string) => day.people.find((one) => one.id === id)?.name ?? '';
	const { counts } = $derived(bench.answer);
	const isChanged = $derived(bench.seats !== day.seats);

	onMount(() => {
		hasScripts = true;
		return () => {
			bench.end();
			if (running !== null) clearInterval(running);
		};
	});

	/** Seats that were changed are kept at once, one keeping after the other: each goes by the version the one before left. */
	async function keep(): Promise<void> {
		said = '';
		if (isKeeping) {
			bench.isAhead = true;
			return;
		}
		isKeeping = true;
		do {
			bench.isAhead = false;
			await sendSeats();
		} while (bench.isAhead);
		isKeeping = false;
	}

	/** What is not kept stands here still, and says so. */
	async function sendSeats(): Promise<void> {
		const form = new FormData();
		form.set('version', String(day.version));
		form.set('seats', JSON.stringify(bench.seats));
		try {
			const answer = await fetch('?/seats', {
				method: 'POST',
				body: form,
				// Whoever leaves the page in this moment leaves it with their seats kept.
				keepalive: true,
				headers: { 'x-sveltekit-action': 'true', accept: 'application/json' }
			});
			const result = deserialize(await answer.text());
			if (result.type === 'redirect') await invalidateAll();
			else {
				await applyAction(result);
				bench.isAhead = false;
				// Where somebody else set them, theirs stand.
				await invalidateAll();
			}
			// The page has heard of what is kept before more goes.
			await tick();
		} catch {
			bench.isAhead = false;
			said =
				'Not kept yet: the network is away. The seats stand here; keep them again in a moment.';
		}
	}

	async function seatAfresh(): Promise<void> {
		isSeating = true;
		said = '';
		try {
			const answer = await fetch(`/prepare/days/${day.id}/advice`);
			if (!answer.ok) throw new Error('no advice');
			const advised = (await answer.json()) as {
				seats: DaySeat[];
				bound: number | null;
				undone: Partial<Record<BesideWork, number>>;
			};
			bound = advised.bound;
			undone = undoneWords(advised.undone);
			if (bench.take(advised.seats)) await keep();
		} catch {
			said = 'No advice could be had just now. Try again in a moment.';
		}
		isSeating = false;
	}

	const takeMove = () => {
		const { move } = bench;
		if (!move) return;
		const seats = movedSeats(
			bench.seats,
			move.name,
			move.to,
			Math.round(day.from + move.atS / 60),
			day
		);
		if (bench.take(seats)) void keep();
	};

	/** The day in a minute; in steps of a quarter of an hour where motion is not wanted. */
	function run(): void {
		if (running !== null) {
			clearInterval(running);
			running = null;
			return;
		}
		const isStill = matchMedia('(prefers-reduced-motion: reduce)').matches;
		const stepMinutes = isStill ? 15 : (day.to - day.from) / 240;
		if (bench.minute >= day.to - 1) bench.minute = day.from;
		running = window.setInterval(
			() => {
				bench.minute = Math.min(day.to, bench.minute + stepMinutes);
				if (bench.minute >= day.to && running !== null) {
					clearInterval(running);
					running = null;
				}
			},
			isStill ? 1000 : 250
		);
	}

	const lacks = $derived(
		day.ballsWanted === null ? null : Math.max(0, day.ballsWanted - counts.balls)
	);
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

<section class="grid grid-cols-[minmax(0,1fr)] gap-4" id="room" aria-label="Seats">
	<div class="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
		<p
			class="text-[1.0625rem]"
			aria-live="polite"
			data-chance={bench.chance ? `${bench.chance.balls.low} ${bench.chance.balls.high}` : ''}
		>
			<strong class="text-2xl" data-balls>{countWords('balls', counts.balls)}</strong>
			{#if bench.chance && bench.chance.balls.low < bench.chance.balls.high}{bench.chance.balls
					.low}–{bench.chance.balls.high}{/if} by {clockWords(day.to)}
			of {work.planName}{#if counts.joined >= 1}, and strand of {Math.floor(counts.joined)} bags{/if}
			{#if lacks !== null}<span class="quiet"
					>· {lacks === 0 ? 'as many as are wanted' : `${lacks} short of ${day.ballsWanted}`}</span
				>{/if}
		</p>
		<p class="quiet" data-bound>
			{#if bound !== null}No seats bring more than {Math.floor(bound + 1e-6)} balls today.{/if}
			{#if bench.progress !== null}<progress
					class="progress w-32"
					max="1"
					value={bench.progress}
					aria-label="Two hundred days are tried"
				></progress>{/if}
		</p>
	</div>
	{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
	{#if undone}<p class="font-semibold" data-undone>{undone}</p>{/if}
	{#if bench.refusal}<p class="font-semibold text-error" role="alert" data-refusal>
			{bench.refusal}
		</p>{/if}
	{#if bench.caution && bench.caution !== bench.refusal}<p
			class="font-semibold text-error"
			role="alert"
			data-caution
		>
			{bench.caution}
		</p>{/if}
	{#if said}<p class="font-semibold text-error" role="alert">{said}</p>{/if}
	{#if hasScripts}
		<div
			class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_18rem]"
		>
			<div class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4">
				<p>
					<strong>{clockWords(bench.minute)}</strong>
					<span class="quiet"
						>as it is expected to stand · take up a name and put it down where it sits from now on</span
					>
				</p>
				<RoomView {bench} onchange={() => void keep()} />
				<label class="grid grid-cols-[minmax(0,1fr)] gap-1">
					<span class="quiet">The day from {clockWords(day.from)} to {clockWords(day.to)}</span>
					<input
						class="range min-h-11 w-full range-primary"
						type="range"
						min={day.from}
						max={day.to}
						step="1"
						bind:value={bench.minute}
						aria-valuetext={clockWords(bench.minute)}
					/>
				</label>
				<div class="flex flex-wrap gap-2">
					<button class="btn btn-accent" onclick={run}
						>{running === null ? 'Run the day' : 'Stop here'}</button
					>
					<button class="btn" disabled={isSeating || isKeeping} onclick={() => void seatAfresh()}
						>{isSeating ? 'Seats are looked for …' : 'Seat them afresh'}</button
					>
					{#if isChanged && said}<button class="btn" onclick={() => void keep()}
							>Keep the seats</button
						>{/if}
				</div>
			</div>
			<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
				<section class="sheet p-4" aria-label="Advice" data-advice>
					{#if starving && !isAllUsed}
						<h3 class="text-lg font-semibold">
							{handsWords[starving.station]} wait for film from {clockWords(
								day.from + (starving.from ?? 0) / 60
							)}
						</h3>
					{:else if isAllUsed}<h3 class="text-lg font-semibold">
							All the film there is becomes strand
						</h3>
					{:else}<h3 class="text-lg font-semibold">The line flows</h3>{/if}
					{#if bench.move}
						<p class="my-2">
							{#if bench.move.from === null}
								Seat <strong>{nameOf(bench.move.name)}</strong> at {stationWords[bench.move.to]},
								from
								{clockWords(day.from + bench.move.atS / 60)}.
							{:else}
								Move <strong>{nameOf(bench.move.name)}</strong> from {stationWords[bench.move.from]} to
								{stationWords[bench.move.to]} at {clockWords(day.from + bench.move.atS / 60)}.
							{/if}
						</p>
						<button class="btn btn-accent" disabled={isKeeping} onclick={takeMove}>
							{bench.move.from === null ? 'Seat' : 'Move'}
							{nameOf(bench.move.name)}: {moreWords(bench.move.balls)}
						</button>
					{:else if bench.lineDay.sittings.length === 0}
						<p class="mt-2">Nobody sits at the line yet. Seat them afresh, or take up a name.</p>
					{:else}<p class="mt-2">No single move brings more.</p>{/if}
				</section>
				<section class="sheet p-4" aria-label="One more pair of hands">
					<h3 class="text-lg font-semibold">One more pair of hands</h3>
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
			</div>
		</div>
		<section class="sheet p-4" aria-label="The course of the day">
			<h3 class="text-lg font-semibold">The course of the day</h3>
			<p class="quiet">Bands hold four in five of two hundred days by chance.</p>
			<CourseChart {bench} />
		</section>
	{/if}
	<DayInWords {bench} />
	<SeatList {day} seats={bench.seats} />
</section>
