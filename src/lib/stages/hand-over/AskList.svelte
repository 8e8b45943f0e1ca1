<script lang="ts">
	// What places ask for, the soonest first: what they have, what is ready, what is foreseen, what was promised.
	import { AskList as say } from '$lib/words/hand-over';
	import TakeBackFold from '$lib/entries/TakeBackFold.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { nearDayWords } from '$lib/ui/day-words';
	import AskBar from './AskBar.svelte';
	import type { AskLine } from './hand-over-view';
	import { matsWords, rangeWords, sizeWords } from './hand-over-words';
	import PromiseForm from './PromiseForm.svelte';

	const { asks, today }: { asks: readonly AskLine[]; today: string } = $props();
	const outbox = getOutbox();
	const { system } = $derived(outbox.readBy());
	/** What is to be said of a promise against what there will be. */
	function standing({ promised, mats, handed, counts }: AskLine): string {
		const open = mats - handed;
		const foreseen = say.of({ range: rangeWords(counts.low, counts.high), open });
		const by = say.expectedByThen({ foreseen });
		if (promised === null) return say.nothingIsPromised({ by });
		const owed = Math.max(0, promised - handed);
		if (owed === 0) return say.whatWasPromisedIsThere();
		if (counts.ready >= owed) return say.promisedAllAreReady({ promised });
		if (counts.low >= owed) return say.promisedLikely({ promised, by });
		return counts.high >= owed
			? say.promisedPerhapsTooFew({ promised, by })
			: say.promisedTooFewTellThem({ promised, by });
	}
</script>

<section class="grid grid-cols-[minmax(0,1fr)] gap-3" aria-labelledby="asks">
	<h2 id="asks">{asks.length === 0 ? say.noPlaceAsksForMats() : say.whatPlacesAskFor()}</h2>
	{#if asks.length > 0}
		<ul class="sheet grid grid-cols-[minmax(0,1fr)] px-4">
			{#each asks as ask (ask.id)}
				<li
					class="grid grid-cols-[minmax(0,1fr)] gap-2 border-t border-base-300 py-3 first:border-t-0"
					data-ask={ask.id}
					data-done={ask.isDone}
				>
					<p>
						<strong>{ask.placeName}</strong>{say.by({
							mats: matsWords(ask.mats),
							yearDay: nearDayWords(ask.byDay, today),
							part:
								ask.widthMm !== null && ask.lengthMm !== null
									? `, ${sizeWords({ widthMm: ask.widthMm, lengthMm: ask.lengthMm }, system)}`
									: ''
						})}
					</p>
					{#if ask.note}<p class="break-words">“{ask.note}”</p>{/if}
					<AskBar {ask} />
					<p data-standing>{ask.isDone ? say.theyHaveAllTheyAsked() : standing(ask)}</p>
					<div class="flex flex-wrap items-end gap-3">
						{#if !ask.isDone}<PromiseForm {ask} />{/if}
						<TakeBackFold id={ask.id} words={say.whatAsksFor({ placeName: ask.placeName })} />
					</div>
				</li>
			{/each}
		</ul>
	{/if}
</section>
