<script lang="ts">
	// How we know: all that a forecast rests on, each opening to where it came from, and what was forecast before.
	import { SeasonRests as say } from '$lib/words/season';
	import { nearDayWords } from '$lib/ui/day-words';
	import { wholeNumber } from '$lib/ui/number-words';
	import { restsOf } from './rests-words';
	import type { SeasonLook } from './season-look';
	import type { SeasonBasis } from './season-view';

	interface Props {
		basis: SeasonBasis;
		/** How the season stood four weeks ago; null where nobody looked. */
		longAgo: Pick<SeasonLook, 'day' | 'weeks'> | null;
		/** How past forecasts did, in a line. */
		hits: string;
	}
	const { basis, longAgo, hits }: Props = $props();
	/** What was said then of the week that ends today. */
	const then = $derived(longAgo?.weeks[3]);
	const there = $derived((basis.goals.at(-1)?.handedOver ?? 0) + basis.ready);
	const lastBalls = $derived(
		basis.perTableDay
			.toReversed()
			.map((mats) => wholeNumber((mats * basis.newMat.bags) / basis.newMat.bagsPerBall))
	);
</script>

<section class="sheet p-4" id="rests" aria-labelledby="rests-title">
	<h2 id="rests-title">{say.howWeKnow()}</h2>
	<p data-long-ago>
		{#if longAgo && then}{say.fourWeeksAgo({
				day: nearDayWords(longAgo.day, basis.today),
				low: wholeNumber(then.low),
				high: wholeNumber(then.high),
				now: wholeNumber(there)
			})}{:else}{say.noneAgo()}{/if}
	</p>
	{#if hits}<p data-hits>
			{hits} <a class="link" href="/season/kept">{say.pastForecasts()}</a>
		</p>{/if}
	{#each restsOf(basis) as { of, title, words, href, where } (of)}
		<details data-rests={of} class="border-t border-base-300 first-of-type:border-t-0">
			<summary class="min-h-11 cursor-pointer py-2">{title}</summary>
			<p class="pb-2">
				{words}
				{#if of === 'days' && lastBalls.length > 0}{say.lastDays({
						balls: lastBalls.join(', ')
					})}{/if}
				<a class="link" {href}>{where}</a>
			</p>
		</details>
	{/each}
</section>
