<script lang="ts">
	// The day on the bench: who sits where, what comes of it, and what would be better.
	import { DayPlan as say } from '$lib/words/table-day';
	import { applyAction, deserialize } from '$app/forms';
	import { invalidateAll } from '$app/navigation';
	import { onMount, tick, untrack } from 'svelte';
	import type { BesideWork } from '$lib/core/assembly-line/beside';
	import { undoneWords } from './beside-words';
	import { clockWords } from './clock';
	import DayAdvice from './DayAdvice.svelte';
	import DayInWords from './DayInWords.svelte';
	import SeatList from './SeatList.svelte';
	import CourseChart from './CourseChart.svelte';
	import { countWords } from './count-words';
	import { DayBench } from './day-bench.svelte';
	import type { DaySeat, DayWork, PlannedDay } from './day-view';
	import RoomView from './RoomView.svelte';
	import { movedSeats } from './line-day';
	import { SeatKeeper, type SeatsSent } from './seat-keeper.svelte';

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
	let bound = $state<number | null>(null);
	let undone = $state('');
	let isSeating = $state(false);
	/** Why no advice could be had. */
	let unadvised = $state('');
	let running = $state<number | null>(null);
	let hasScripts = $state(false);
	const { counts } = $derived(bench.answer);

	onMount(() => {
		hasScripts = true;
		return () => {
			bench.end();
			if (running !== null) clearInterval(running);
		};
	});

	const keeper = new SeatKeeper(bench, sendSeats, async () => {
		await invalidateAll();
		await tick();
	});

	// What reached nobody goes again by itself.
	$effect(() => {
		if (!keeper.said) return;
		const again = setInterval(() => void keeper.keep(), 4000);
		return () => clearInterval(again);
	});

	async function sendSeats(version: number, seats: readonly DaySeat[]): Promise<SeatsSent> {
		const form = new FormData();
		form.set('version', String(version));
		form.set('seats', JSON.stringify(seats));
		try {
			const answer = await fetch(`/prepare/days/${day.id}?/seats`, {
				method: 'POST',
				body: form,
				// Whoever leaves the page in this moment leaves it with their seats kept.
				keepalive: true,
				headers: { 'x-sveltekit-action': 'true', accept: 'application/json' }
			});
			const result = deserialize(await answer.text());
			if (result.type === 'redirect') {
				// What was against seats before them stands no more.
				if (problem) await applyAction({ type: 'success', status: 200 });
				return 'kept';
			}
			if (result.type === 'error') return { why: (result.error as App.Error).message };
			if (result.type === 'failure' && result.status === 503)
				return { why: say.savedDataCannotBeReached() };
			await applyAction(result);
			return 'refused';
		} catch {
			return { why: say.noNetwork() };
		}
	}

	async function suggestSeats(): Promise<void> {
		isSeating = true;
		unadvised = '';
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
			if (bench.take(advised.seats)) await keeper.keep();
		} catch {
			unadvised = say.noSuggestionRightNowTry();
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
		if (bench.take(seats)) void keeper.keep();
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
</script>

<svelte:window
	ononline={() => void (keeper.said && keeper.keep())}
	onbeforeunload={(event) => void (keeper.isUnsent && event.preventDefault())}
/>

<section class="grid grid-cols-[minmax(0,1fr)] gap-4" id="room" aria-label={say.seats()}>
	<div class="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
		<p
			class="text-[1.0625rem]"
			aria-live="polite"
			data-chance={bench.chance ? `${bench.chance.balls.low} ${bench.chance.balls.high}` : ''}
		>
			<strong class="text-2xl" data-balls>{countWords('balls', counts.balls)}</strong>
			{#if bench.chance && bench.chance.balls.low < bench.chance.balls.high}{bench.chance.balls
					.low}–{bench.chance.balls.high}{/if}
			{say.byOf({
				clock: clockWords(day.to),
				planName: work.planName
			})}{#if counts.joined >= 1}{say.andStrandOfBags({ floor: Math.floor(counts.joined) })}{/if}
			{#if lacks !== null}<span class="quiet"
					>· {lacks === 0
						? say.enough()
						: say.shortOf({ lacks, ballsWanted: day.ballsWanted ?? '' })}</span
				>{/if}
		</p>
		<p class="quiet" data-bound>
			{#if bound !== null}{say.atMostBallsCanBe({ floor: Math.floor(bound + 1e-6) })}{/if}
			{#if bench.progress !== null}<progress
					class="progress w-32"
					max="1"
					value={bench.progress}
					aria-label={say.trying200Days()}
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
	{#each [unadvised, keeper.said].filter(Boolean) as said (said)}<p
			class="font-semibold text-error"
			role="alert"
		>
			{said}
		</p>{/each}
	{#if hasScripts}
		<div
			class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_18rem]"
		>
			<div
				class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4"
				data-keeping={keeper.isKeeping || bench.isAhead}
			>
				<p>
					<strong>{clockWords(bench.minute)}</strong>
					<span class="quiet">{say.asItIsExpectedTo()}</span>
				</p>
				<RoomView {bench} onchange={() => void keeper.keep()} />
				<label class="grid grid-cols-[minmax(0,1fr)] gap-1">
					<span class="quiet"
						>{say.theDayFromTo({ clock: clockWords(day.from), clock2: clockWords(day.to) })}</span
					>
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
						>{running === null ? say.runTheDay() : say.stopHere()}</button
					>
					<button
						class="btn"
						disabled={isSeating || keeper.isKeeping}
						onclick={() => void suggestSeats()}
						>{isSeating ? say.findingSeats() : say.suggestSeats()}</button
					>
					{#if keeper.said}<button class="btn" onclick={() => void keeper.keep()}
							>{say.saveSeats()}</button
						>{/if}
				</div>
			</div>
			<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
				<DayAdvice {bench} isKeeping={keeper.isKeeping} onmove={takeMove} />
			</div>
		</div>
		<section class="sheet p-4" aria-label={say.theCourseOfTheDay()}>
			<h3 class="text-lg font-semibold">{say.theCourseOfTheDay()}</h3>
			<p class="quiet">{say.bandsShowTheRange()}</p>
			<CourseChart {bench} />
		</section>
	{/if}
	<DayInWords {bench} />
	<SeatList {day} seats={bench.seats} />
</section>
