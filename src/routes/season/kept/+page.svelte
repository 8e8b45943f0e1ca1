<script lang="ts">
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import TakeBackFold from '$lib/entries/TakeBackFold.svelte';
	import { hitsWords, isHit } from '$lib/stages/season/foretold';
	import { chanceWords } from '$lib/stages/season/season-words';
	import { momentWords, yearDayWords } from '$lib/ui/day-words';
	import { capital, smallNumber, wholeNumber } from '$lib/ui/number-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const hits = $derived(hitsWords(data.foretold));
</script>

<PageTitle />

<h2>What was foretold, and what came</h2>
{#if hits}<p data-hits>{hits}</p>{/if}
{#if data.foretold.length === 0}
	<p class="sheet mt-3 p-4">
		No forecast is kept yet. Keep one under <a class="link" href="/season">Will we make it</a>, and
		once its day is over it says here how it did.
	</p>
{:else}
	<ul class="sheet mt-3 grid grid-cols-[minmax(0,1fr)] px-4">
		{#each data.foretold as one (one.id)}
			{@const most = Math.max(one.high, one.wanted, one.came ?? 0, 1)}
			<li
				class="grid grid-cols-[minmax(0,1fr)] gap-1 border-t border-base-300 py-3 first:border-t-0"
				data-foretold={one.id}
			>
				<p>
					<strong>{wholeNumber(one.wanted)} by {yearDayWords(one.byDay)}</strong>: {chanceWords(
						one.chance
					)}, between {smallNumber(one.low)} and {smallNumber(one.high)}.
					<span class="quiet"
						>Said on {momentWords(one.at)}, with {smallNumber(one.there)} there then.</span
					>
				</p>
				<svg
					viewBox="0 0 600 34"
					class="h-9 w-full max-w-xl"
					aria-hidden="true"
					preserveAspectRatio="none"
				>
					<path d="M0 17h600" class="stroke-base-300" stroke-width="2" />
					<rect
						x={(one.low / most) * 590}
						y="7"
						width={Math.max(3, ((one.high - one.low) / most) * 590)}
						height="20"
						class="fill-primary/25 stroke-primary"
					/>
					<path
						d="M{(one.wanted / most) * 590} 2v30"
						class="stroke-base-content"
						stroke-width="2"
						stroke-dasharray="5 3"
					/>
					{#if one.came !== null}<path
							d="M{(one.came / most) * 590} 3v28"
							class="stroke-secondary"
							stroke-width="6"
						/>{/if}
				</svg>
				<p data-came={one.came ?? ''}>
					{#if one.came === null}Its day is still to come.
					{:else}{capital(smallNumber(one.came))} came: {isHit(one)
							? 'within what was said.'
							: one.came > one.high
								? 'more than was said.'
								: 'fewer than was said.'}{/if}
				</p>
				<TakeBackFold
					id={one.id}
					words="the forecast by {yearDayWords(one.byDay)}"
					sent={form?.entry}
				/>
			</li>
		{/each}
	</ul>
	<p class="quiet mt-2 text-[0.9375rem]">
		The box is what was said four times in five, the dashed line what was wanted, the thick line
		what came.
	</p>
{/if}
