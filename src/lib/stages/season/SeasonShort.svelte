<script lang="ts">
	// What is short: by how many of a hundred seasons that fall short each lack is the last, and the bags to ask for first.
	import { SeasonPage as say } from '$lib/words/season';
	import { nearDayWords } from '$lib/ui/day-words';
	import { capital, wholeNumber } from '$lib/ui/number-words';
	import type { Outlook } from './season-said';
	import { heldNames, heldWords } from './season-words';

	interface Props {
		heldBackBy: Outlook['heldBackBy'];
		bags: readonly {
			readonly kind: string | null;
			readonly colour: string;
			readonly toAskBy: number;
			readonly by: string | null;
		}[];
		today: string;
	}
	const { heldBackBy, bags, today }: Props = $props();
	const held = $derived(heldWords(heldBackBy));
	/** What presses most is shown here; all of it stands with the bags to ask for. */
	const first = $derived(
		bags
			.filter(({ by }) => by !== null)
			.toSorted((one, other) => ((one.by ?? '') < (other.by ?? '') ? -1 : 1))
			.slice(0, 3)
	);
</script>

<section class="sheet grid gap-2 p-4" aria-labelledby="short">
	<h2 id="short">{say.whatIsShort()}</h2>
	{#if held.length === 0}<p>{say.nothingShort()}</p>{/if}
	{#each held as [what, percent] (what)}
		<div data-held={what}>
			<p class="flex justify-between gap-3">
				<strong>{capital(heldNames[what])}</strong>
				<span class="quiet">{say.ofShort({ percent })}</span>
			</p>
			<div class="h-3 rounded-sm bg-base-300" aria-hidden="true">
				<div class="short h-3 rounded-sm" style:width="{percent}%"></div>
			</div>
		</div>
	{/each}
	{#each first as { kind, colour, toAskBy, by }, nth (nth)}
		<a class="link-row min-h-11" href="/gather/asks"
			>{say.bagsShortBy({
				kind: kind ?? say.otherBags(),
				colour: colour === 'any' ? say.anyColour() : colour,
				bags: wholeNumber(toAskBy),
				day: nearDayWords(by ?? today, today)
			})}</a
		>
	{/each}
</section>

<style>
	.short {
		background: var(--color-primary);
		print-color-adjust: exact;
		forced-color-adjust: none;
	}
</style>
