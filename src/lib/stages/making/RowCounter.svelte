<script lang="ts">
	// One large target a row, and one back; keys, pedals and counter buttons count, too.
	import { RowCounter as msg } from '$lib/words/making';
	import { nextPass, nextRow } from '$lib/core/making/mat-rows';
	import { lastOfDevice } from '$lib/entries/device';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { Side } from '$lib/entries/types/row';
	import TrestleSaid from '$lib/stages/prepare/TrestleSaid.svelte';
	import { EntryActions } from '$lib/stages/prepare/trestle.svelte';
	import { newKey } from '$lib/ui/new-key';
	import { onMount, untrack } from 'svelte';
	import { rowsHere, seenText } from './counting';
	import { firstPasses } from './loom-meeting';
	import LoomEnds from './LoomEnds.svelte';
	import MatStrip from './MatStrip.svelte';
	import { keyboard, simulatedCounter } from '$lib/ui/row-inputs';
	import { ballInWork } from './strand-in-hand';
	import ColourPatterns from '$lib/ui/ColourPatterns.svelte';
	import type { CountedMat } from './mat-view';
	import { readyWords } from './mat-words';

	interface Props {
		mat: CountedMat;
		seen: readonly { readonly side: Side; readonly device: string; readonly sequence: number }[];
		/** Where a row goes without scripts. */
		to: { readonly action: string; readonly hidden?: true | undefined };
		/** Whether how an end of a loom began may be said here. */
		mayCorrect: boolean;
	}
	const { mat, seen, to, mayCorrect }: Props = $props();
	const trestle = untrack(() => new EntryActions(getOutbox(), true));
	let side = $state<Side>('near');
	let number = $state('');
	let problem = $state('');
	const key = newKey();
	const hasEnds = $derived(mat.rows?.ends === 2);
	const made = $derived({
		near: rowsHere(mat.made.near, trestle.ahead, mat.code, 'near'),
		far: rowsHere(mat.made.far, trestle.ahead, mat.code, 'far')
	});
	const all = $derived(made.near + made.far);
	const total = $derived(mat.rows?.total ?? 0);
	const share = $derived(total > 0 ? Math.min(1, all / total) : 0);
	const here = $derived(mat.rows && nextRow(mat.rows, made.near));
	const place = $derived(mat.rows && mat.rows.parts > 1 ? here : null);
	/** The colour that the next row takes. */
	const next = $derived.by(() => {
		if (!mat.look || mat.look.stripes.length < 2) return null;
		const colours = mat.look.stripes;
		const planned = colours.reduce((sum, { rows }) => sum + rows, 0);
		// From the far end the stripes come in the other order.
		const at = side === 'far' ? planned - made.far - 1 : Math.min(made.near, planned - 1);
		let until = 0;
		for (const { colour, rows } of colours) {
			if (at < until + rows)
				return { colour, last: side === 'far' ? planned - until : until + rows };
			until += rows;
		}
		return null;
	});
	/** An end that began under does the opposite all along. */
	const turned = $derived(mat.look?.loom && firstPasses(mat)[side] === 'under' ? 1 : 0);
	const ready = $derived(readyWords({ ready: mat.ready, share }));
	/** Where the ball that is worked from ends. */
	const ball = $derived(mat.look ? ballInWork(mat.look, made, mat.said) : null);

	/** The screen stays on while rows are counted, where the device can. */
	let isAwake = false;
	function stayOn(): void {
		if (isAwake || !('wakeLock' in navigator)) return;
		isAwake = true;
		void navigator.wakeLock.request('screen').catch(() => (isAwake = false));
	}
	function tap(step: 1 | -1): void {
		stayOn();
		problem = '';
		if (step === -1 && made[side] === 0) {
			problem = msg.noRowIsMadeHere();
			return;
		}
		void trestle.act({
			type: 'row',
			typed: { mat: mat.code, side, step: String(step) },
			words:
				step === 1 ? msg.row({ made: made[side] + 1 }) : msg.oneBackToRow({ made: made[side] - 1 })
		});
	}
	async function say(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		problem = '';
		const typed = number.trim();
		if (!/^\d{1,5}$/.test(typed)) {
			problem = msg.typeANumberOfRows();
			return;
		}
		if (total > 0 && Number(typed) > total * 1.5) {
			problem = msg.itsPlanHasRowsIs({ total, typed });
			return;
		}
		await toRow(typed);
		if (!trestle.said.isProblem) number = '';
	}
	const toRow = (typed: string): Promise<void> =>
		trestle.act({
			type: 'rows',
			typed: { mat: mat.code, side, to: typed, seen: seenText(seen, side, lastOfDevice()) },
			words: msg.toRow2({ typed })
		});
	/** The next tens: many rows at once in a tap. */
	const tens = $derived(
		[1, 2, 3]
			.map((nth) => (Math.floor(made[side] / 10) + nth) * 10)
			.filter((row) => total === 0 || row <= total)
	);
	onMount(() => {
		const inputs = [keyboard(window), simulatedCounter(window)];
		const stops = inputs.map((input) => input.listen(() => tap(1)));
		return () => stops.forEach((stop) => stop());
	});
	const firstPass = (end: Side, pass: 'over' | 'under') =>
		void trestle.act({
			type: 'first-pass',
			typed: { mat: mat.code, side: end, pass },
			words: msg.theFirstPassOfThe({ end, pass })
		});
</script>

<ColourPatterns />
<section class="grid grid-cols-[minmax(0,1fr)] gap-4" aria-label={msg.rows()}>
	<p class="flex flex-wrap items-baseline gap-x-4" aria-live="polite">
		<strong class="text-6xl" data-count>{all}</strong>
		<span class="text-xl">
			{#if place && mat.rows}{msg.ofRowsOfNextIts({
					total,
					part: mat.rows.part,
					part2: place.part,
					parts: mat.rows.parts,
					row: place.row,
					each: mat.rows.each
				})}
			{:else if total > 0}{msg.ofRows({ total })}{/if}
		</span>
	</p>
	<div class="max-w-lg">
		<MatStrip mat={{ ...mat, made, share }} longestMm={mat.look?.lengthMm ?? 1850} />
	</div>
	{#if hasEnds}
		<LoomEnds {mat} {made} bind:side onpass={mayCorrect ? firstPass : null} />
	{/if}
	<!-- Without scripts it sends its row by itself. -->
	<form
		class="grid"
		method="POST"
		{...to}
		onsubmit={(event) => {
			event.preventDefault();
			tap(1);
		}}
	>
		<input type="hidden" name="type" value="row" />
		<input type="hidden" name="key" value={key} />
		<input type="hidden" name="mat" value={mat.code} />
		<input type="hidden" name="step" value="1" />
		<button
			class="min-h-44 rounded-2xl bg-primary px-4 text-3xl font-semibold text-primary-content"
			data-row>{msg.rowDone()}</button
		>
	</form>
	<p class="text-lg" data-next>
		{#if share >= 1}{msg.allRowsOfThePlan()}{:else}
			{#if next}{msg.nextToRow({ colour: next.colour, last: next.last })}{/if}
			{#if place && mat.rows && mat.look?.kind === 'finger-bands'}
				{place.part > 1
					? msg.atEveryReturnItLinks({ part: place.part - 1 })
					: msg.theFirstBandClipIts()}
				{#if place.row >= mat.rows.each - 2}{msg.atItsEndTheStrands()}{/if}
			{:else if here && mat.rows && mat.look?.kind === 'twined' && (here.row === 1 || here.row === mat.rows.each)}
				{msg.thisRowPassesUnderEach()}
			{/if}
			{#if mat.look?.stitch}{msg.stitchesARow({ count: mat.look.stitch.count })}{/if}
			{#if ball}{msg.theBallEndsInRow({ code: ball.code, row: ball.row })}{/if}
			{#if mat.look?.kind === 'peg-loom' || mat.look?.kind === 'finger-bands'}
				{msg.theNextPassBegins({
					nextPass: nextPass((place ? place.row - 1 : made[side]) + turned)
				})}
			{/if}
			{#if ready.between}{msg.readyAbout({ day: ready.day, between: ready.between })}{/if}
		{/if}
	</p>
	<div class="flex flex-wrap items-end gap-3">
		<button class="btn h-auto min-h-14" onclick={() => tap(-1)} data-back>{msg.oneBack()}</button>
		<span class="flex flex-wrap gap-2" role="group" aria-label={msg.tapTheRowReached()}>
			{#each tens as row (row)}
				<button
					type="button"
					class="figure btn h-auto min-h-14 min-w-14 text-lg"
					data-to={row}
					onclick={() => {
						problem = '';
						void toRow(String(row));
					}}>{row}</button
				>
			{/each}
		</span>
		<form class="flex flex-wrap items-end gap-3" onsubmit={(event) => void say(event)}>
			<label class="grid gap-1"
				>{msg.toRow()}
				<input
					class="field w-28"
					inputmode="numeric"
					autocomplete="off"
					bind:value={number}
					aria-invalid={problem ? 'true' : undefined}
				/>
			</label>
			<button class="btn h-auto min-h-11">{msg.saveRows()}</button>
		</form>
	</div>
	{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
	<TrestleSaid {trestle} />
</section>
