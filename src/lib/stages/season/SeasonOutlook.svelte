<script lang="ts">
	// What comes of a season: how likely it is enough, the band over the weeks, and what holds it back.
	import { SeasonOutlook as say } from '$lib/words/season';
	import { yearDayWords } from '$lib/ui/day-words';
	import { capital, smallNumber } from '$lib/ui/number-words';
	import SeasonChart from './SeasonChart.svelte';
	import type { Outlook } from './season-said';
	import type { SeasonBasis, SeasonGoal } from './season-view';
	import {
		chanceWords,
		heldNames,
		heldWords,
		likelihood,
		outlookWords,
		tenthsWords,
		thereWords
	} from './season-words';

	interface Props {
		outlook: Outlook;
		plain: { readonly expected: number; readonly chance: number } | null;
		goal: SeasonGoal;
		basis: SeasonBasis;
		/** What is changed of the season, in words; nothing where nothing is. */
		changed: string;
	}
	const { outlook, plain, goal, basis, changed }: Props = $props();
	const held = $derived(heldWords(outlook.heldBackBy));
	const tones = ['bg-primary/20', 'bg-secondary/25', 'bg-accent', 'bg-base-300', 'bg-base-200'];
</script>

<div class="flex flex-wrap items-baseline justify-between gap-x-6">
	<h2 id="goal">
		{say.by({ wanted: capital(smallNumber(goal.wanted)), yearDay: yearDayWords(goal.by) })}
	</h2>
	<p class="text-2xl" data-chance={outlook.chance}>
		<strong>{capital(likelihood(outlook.chance))}</strong>
		<span class="quiet text-base">{tenthsWords(outlook.chance)}</span>
	</p>
</div>
<p data-expected={outlook.expected}>
	{outlookWords(outlook)}{changed ? say.with({ changed }) : ''}. {thereWords(goal, basis)}
	{#if plain}{say.withoutAbout({
			round: smallNumber(Math.round(plain.expected)),
			chance: chanceWords(plain.chance)
		})}{/if}
</p>
<SeasonChart
	weeks={outlook.weeks}
	today={basis.today}
	wanted={goal.wanted}
	start={goal.handedOver + basis.ready}
/>
{#if held.length > 0}
	<div>
		<h3 class="text-lg" id="held">{say.heldBackBy()}</h3>
		<div class="mt-1 flex overflow-hidden rounded-lg border border-base-300" aria-hidden="true">
			{#each held as [what, share], nth (what)}
				<span
					class="truncate px-2 py-1 text-sm not-first:border-l not-first:border-base-content {tones[
						nth
					] ?? ''}"
					style:flex-grow={Math.max(8, share)}
					style:flex-basis="0">{heldNames[what]}</span
				>
			{/each}
		</div>
		<p data-held>
			{say.ofAHundredSeasonsThat({
				held: capital(
					held.map(([what, share]) => say.inAbout({ what: heldNames[what], share })).join(', ')
				)
			})}
		</p>
	</div>
{/if}
