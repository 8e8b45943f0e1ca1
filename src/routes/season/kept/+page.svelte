<script lang="ts">
	import { SeasonKeptPage as say } from '$lib/words/season';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import TakeBackFold from '$lib/entries/TakeBackFold.svelte';
	import { hitsWords, isHit } from '$lib/stages/season/foretold';
	import { chanceWords } from '$lib/stages/season/season-words';
	import { momentWords, nearDayWords } from '$lib/ui/day-words';
	import { wholeNumber } from '$lib/ui/number-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const hits = $derived(hitsWords(data.foretold));
</script>

<PageTitle />

<h2>{say.pastForecastsAndResults()}</h2>
{#if hits}<p data-hits>{hits}</p>{/if}
{#if data.foretold.length === 0}
	<p class="sheet mt-3 p-4">
		{say.noForecastIsKeptYet()}
		<a class="link" href="/season">{say.willWeMakeIt()}</a>{say.afterItsDayItSays()}
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
					<strong
						>{say.by({
							wanted: wholeNumber(one.wanted),
							yearDay: nearDayWords(one.byDay, data.group.today)
						})}</strong
					>{say.range({
						chance: chanceWords(one.chance),
						low: wholeNumber(one.low),
						high: wholeNumber(one.high)
					})}
					<span class="quiet"
						>{say.saidOnWithThereThen({
							moment: momentWords(one.at),
							there: wholeNumber(one.there)
						})}</span
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
					{#if one.came === null}{say.itsDayIsStillTo()}
					{:else}{say.came({
							came: wholeNumber(one.came),
							part: isHit(one)
								? say.withinTheRange()
								: one.came > one.high
									? say.moreThanForecast()
									: say.fewerThanForecast()
						})}{/if}
				</p>
				<TakeBackFold
					id={one.id}
					words={say.theForecastBy({ yearDay: nearDayWords(one.byDay, data.group.today) })}
					sent={form?.entry}
				/>
			</li>
		{/each}
	</ul>
	<p class="quiet mt-2 text-[0.9375rem]">
		{say.boxTheRangeDashedLine()}
	</p>
{/if}
