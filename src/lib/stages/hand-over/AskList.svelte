<script lang="ts">
	// What places ask for, the soonest first: what they have, what lies ready, what is foreseen, what was promised.
	import TakeBackFold from '$lib/entries/TakeBackFold.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { yearDayWords } from '$lib/ui/day-words';
	import AskBar from './AskBar.svelte';
	import type { AskLine } from './hand-over-view';
	import { matsWords, rangeWords, sizeWords } from './hand-over-words';
	import PromiseForm from './PromiseForm.svelte';

	const { asks }: { asks: readonly AskLine[] } = $props();
	const outbox = getOutbox();
	const { system } = $derived(outbox.readBy());
	/** What is to be said of a promise against what there will be. */
	function standing({ promised, mats, handed, counts }: AskLine): string {
		const open = mats - handed;
		const foreseen = `${rangeWords(counts.low, counts.high)} of ${open}`;
		const by = `${foreseen} by then, as the mats in hand are foreseen`;
		if (promised === null) return `Nothing is promised. ${by}.`;
		const owed = Math.max(0, promised - handed);
		if (owed === 0) return 'What was promised is there.';
		if (counts.ready >= owed) return `${promised} promised: all of them lie ready.`;
		if (counts.low >= owed) return `${promised} promised, and likely kept: ${by}.`;
		return counts.high >= owed
			? `${promised} promised, and it may come short: ${by}.`
			: `${promised} promised, and it will come short: ${by}. Tell them soon.`;
	}
</script>

<section class="grid grid-cols-[minmax(0,1fr)] gap-3" aria-labelledby="asks">
	<h2 id="asks">{asks.length === 0 ? 'No place asks for mats just now' : 'What places ask for'}</h2>
	{#if asks.length > 0}
		<ul class="sheet grid grid-cols-[minmax(0,1fr)] px-4">
			{#each asks as ask (ask.id)}
				<li
					class="grid grid-cols-[minmax(0,1fr)] gap-2 border-t border-base-300 py-3 first:border-t-0"
					data-ask={ask.id}
					data-done={ask.isDone}
				>
					<p>
						<strong>{ask.placeName}</strong>: {matsWords(ask.mats)} by {yearDayWords(
							ask.byDay
						)}{ask.widthMm !== null && ask.lengthMm !== null
							? `, ${sizeWords({ widthMm: ask.widthMm, lengthMm: ask.lengthMm }, system)}`
							: ''}
					</p>
					{#if ask.note}<p class="break-words">“{ask.note}”</p>{/if}
					<AskBar {ask} />
					<p data-standing>{ask.isDone ? 'They have all they asked for.' : standing(ask)}</p>
					<div class="flex flex-wrap items-end gap-3">
						{#if !ask.isDone}<PromiseForm {ask} />{/if}
						<TakeBackFold id={ask.id} words="what {ask.placeName} asks for" />
					</div>
				</li>
			{/each}
		</ul>
	{/if}
</section>
