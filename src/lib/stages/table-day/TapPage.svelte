<script lang="ts">
	// One station on its tablet: a large tap for each lot done, the undo beside it, and who sits here now.
	import { TapPage as say } from '$lib/words/table-day';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { actsOfStation, cutOfLine } from '$lib/stages/know-how/links/lessons-at';
	import ActLinks from '$lib/stages/know-how/links/ActLinks.svelte';
	import { seatCautions } from '$lib/stages/people/seats';
	import TrestleSaid from '$lib/stages/prepare/TrestleSaid.svelte';
	import { EntryActions } from '$lib/stages/prepare/trestle.svelte';
	import { untrack } from 'svelte';
	import { clockWords } from './clock';
	import type { StationView } from './station-view';
	import { stationWords } from './day-words';
	import { seatsThere, tidied, withComings } from './there';
	import WhoIsHere from './WhoIsHere.svelte';
	import { doneHere, tapCount, tapWords } from './taps';

	const {
		day: kept,
		work,
		station,
		taps,
		others,
		minute,
		isTitled = true
	}: StationView & { readonly isTitled?: boolean } = $props();
	const outbox = getOutbox();
	const trestle = untrack(() => new EntryActions(outbox));
	const day = $derived(withComings(kept, others, trestle.ahead, (own) => own));
	const count = $derived(tapCount(station, work));
	const here = $derived(tidied(trestle.ahead));
	/** Tapped on this device and not in what was read yet. */
	const ahead = $derived(
		here.standing.flatMap(({ key, type, typed }) =>
			type === 'tap' && typed['day'] === day.id && typed['station'] === station
				? [{ key, station, count: Number(typed['count']) }]
				: []
		)
	);
	const own = $derived(
		taps.last.filter((tap) => tap.station === station && !here.gone.has(tap.id))
	);
	const done = $derived(doneHere(station, taps, ahead, here.gone));
	const seated = $derived(
		seatsThere(day.seats, day.people).filter(
			(seat) =>
				seat.station === station && (minute === null || (seat.from <= minute && minute < seat.to))
		)
	);
	const nameOf = (id: string) => day.people.find((one) => one.id === id)?.name ?? '';
	let fewer = $state(1);
	let spoiled = $state('');
	let grams = $state('');

	async function tap(bags: number): Promise<void> {
		const lost = station === 'cut' ? spoiled.trim() : '';
		spoiled = '';
		await trestle.act({
			type: 'tap',
			typed: { day: day.id, station, count: String(bags), ...(lost && { spoiled: lost }) },
			words: tapWords(station, bags)
		});
		// What was not kept is typed still.
		if (lost && trestle.said.isProblem) spoiled = lost;
	}
	async function weigh(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		if (grams.trim() === '') return;
		await trestle.act({
			type: 'scrap',
			typed: { day: day.id, grams },
			words: say.scrapOfTheDay({ grams })
		});
		if (!trestle.said.isProblem) grams = '';
	}
	/** The last lot is taken back: what was tapped here and not read yet, or what the book has. */
	async function undo(): Promise<void> {
		const mine = ahead.at(-1);
		const [last] = own;
		if (mine) await trestle.takeBackOwn(mine.key, tapWords(station, mine.count));
		else if (last) await trestle.takeBack(last.id, tapWords(station, last.count));
	}
	const caution = $derived(
		station === 'cut'
			? seatCautions[work.line.cutTool === 'rolling-blade' ? 'cut-blade' : 'cut-sharp']
			: station === 'join'
				? seatCautions.join
				: say.filmCanSuffocateKeepIt()
	);
</script>

<section class="grid grid-cols-[minmax(0,1fr)] gap-4" aria-label={stationWords[station]}>
	<div class="flex flex-wrap items-baseline justify-between gap-x-6">
		<h2 class={isTitled ? 'text-2xl wrap-anywhere first-letter:uppercase' : 'sr-only'}>
			{stationWords[station]}
		</h2>
		<p class="text-xl" aria-live="polite">
			<strong data-done>{tapWords(station, done)}</strong>
			{say.soFar()}
		</p>
	</div>
	<p class="quiet">
		{seated.length === 0
			? say.nobodyHasThisSeatNow()
			: say.hereNow({
					seated: seated
						.map(({ personId, to }) =>
							say.until({ nameOf: nameOf(personId), clock: clockWords(to) })
						)
						.join(', ')
				})}
	</p>
	<button
		class="min-h-44 rounded-2xl bg-primary px-4 text-3xl font-semibold wrap-anywhere text-primary-content"
		onclick={() => void tap(count)}
		data-tap
	>
		{say.done({ tap: tapWords(station, count) })}
	</button>
	<div class="flex flex-wrap items-end gap-3">
		<button
			class="btn h-auto min-h-14 max-w-full shrink whitespace-normal"
			disabled={own.length === 0 && ahead.length === 0}
			onclick={() => void undo()}>{say.takeTheLastOneBack()}</button
		>
		{#if count > 1}
			<label class="grid gap-1"
				>{say.fewer()}
				<input
					class="field w-28"
					type="number"
					inputmode="numeric"
					min="1"
					max={count}
					bind:value={fewer}
				/>
			</label>
			<button
				class="btn h-auto min-h-14 max-w-full shrink whitespace-normal"
				onclick={() => void tap(Math.max(1, Math.min(count, Math.round(fewer || 1))))}
				>{say.saveSmallerNumber()}</button
			>
		{/if}
	</div>
	<TrestleSaid {trestle} />
	{#if station === 'cut'}
		<div class="flex flex-wrap items-end gap-x-6 gap-y-3">
			<label class="grid gap-1"
				>{say.piecesSpoiledInTheNext()}
				<input class="field w-28" inputmode="numeric" autocomplete="off" bind:value={spoiled} />
			</label>
			<form class="flex flex-wrap items-end gap-3" onsubmit={(event) => void weigh(event)}>
				<label class="grid gap-1"
					>{say.allOfTodaysScrapWeighed()}
					<input
						class="field w-36"
						autocomplete="off"
						placeholder={say.massExample()}
						bind:value={grams}
					/>
				</label>
				<button class="btn h-auto min-h-11">{say.weighed()}</button>
			</form>
		</div>
	{/if}
	{#if station === 'ball' && own.some(({ code }) => code)}
		<p>
			{say.labels()}
			{#each own.filter(({ code }) => code).slice(0, 12) as { id, code } (id)}
				<a class="mr-2 inline-flex min-h-11 link items-center" href="/prepare/things/{code}"
					>{code}</a
				>
			{/each}
		</p>
	{/if}
	<p class="text-error">{caution}</p>
	{#if minute !== null}<WhoIsHere {day} {others} {minute} {trestle} />{/if}
	<ActLinks acts={actsOfStation(station, cutOfLine(work.line.cutTool))} isDrawn />
	<p>
		<a class="inline-flex min-h-11 link items-center" href="/know-how/faults?sign=lump"
			>{say.somethingIsWrongWithThe()}</a
		>
	</p>
</section>
