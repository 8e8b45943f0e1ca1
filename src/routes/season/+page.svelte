<script lang="ts">
	import type { LeverName } from '$lib/core/season/forecast';
	import { navigating } from '$app/state';
	import SeasonChart from '$lib/stages/season/SeasonChart.svelte';
	import SeasonRests from '$lib/stages/season/SeasonRests.svelte';
	import {
		addsWords,
		chanceWords,
		leverWords,
		leversWords,
		seasonQuery
	} from '$lib/stages/season/season-words';
	import { shortDayWords, yearDayWords } from '$lib/ui/day-words';
	import { capital, fixed, smallNumber, wholeNumber } from '$lib/ui/number-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const { basis, goal, levers, said, change } = $derived(data);
	const percent = (share: number) => `${Math.round(100 * share)} %`;
	const taken = $derived(leversWords(levers));
	const more = (name: LeverName, step: 1 | -1) => ({
		...levers,
		[name]: levers[name] + step
	});
	const held = $derived(
		Object.entries(said?.heldBackBy ?? {})
			.filter(([, share]) => share >= 0.005)
			.toSorted(([, one], [, other]) => other - one)
	);
	const tones = ['bg-primary/20', 'bg-secondary/25', 'bg-accent', 'bg-base-300', 'bg-base-200'];
</script>

<svelte:head><title>The season · Nest Row</title></svelte:head>

<main id="main" class="@container mx-auto w-full max-w-6xl flex-1 px-5 py-4 max-sm:px-4">
	<h1 class="text-2xl font-bold">The season</h1>
	{#if !goal || !said}
		<p class="sheet mt-3 p-4" data-nothing>
			No place asks for mats by a day to come, so there is nothing to reckon. Say what they ask for
			under <a class="link" href="/hand-over/asks">Asked and promised</a>.
		</p>
	{:else}
		<nav class="flex flex-wrap gap-x-2" aria-label="By which day">
			{#each basis.goals as one (one.by)}
				<a
					class="inline-flex min-h-11 items-center rounded-lg px-3 underline underline-offset-3 aria-[current=page]:bg-accent aria-[current=page]:font-semibold aria-[current=page]:text-accent-content aria-[current=page]:no-underline"
					href="/season{seasonQuery(one.by, levers)}"
					aria-current={one.by === goal.by ? 'page' : undefined}
					>{wholeNumber(one.wanted)} by {shortDayWords(one.by)}</a
				>
			{/each}
		</nav>
		<div
			class="mt-2 grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_24rem]"
			aria-busy={navigating.to !== null}
		>
			<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4" aria-labelledby="goal">
				<div class="flex flex-wrap items-baseline justify-between gap-x-6">
					<h2 id="goal">
						{capital(smallNumber(goal.wanted))} by {yearDayWords(goal.by)}?
					</h2>
					<p class="text-2xl" data-chance={said.chance}>
						<strong>{chanceWords(said.chance)}</strong>
						<span class="quiet text-base">{percent(said.chance)}</span>
					</p>
				</div>
				<p data-expected={said.expected}>
					{fixed(said.expected, 1)} are likely, four times in five between {said.low} and {said.high}:
					of these {goal.handedOver} went there already, {basis.ready} lie ready and {basis.inCheck} wait
					for a check or for mending.{taken ? ` With ${taken}.` : ''}
					{#if said.plain}Without: {fixed(said.plain.expected, 1)}, {chanceWords(
							said.plain.chance
						)}.{/if}
				</p>
				<SeasonChart weeks={said.weeks} today={basis.today} wanted={goal.wanted} />
				{#if held.length > 0}
					<div>
						<h3 class="text-lg" id="held">Held back by</h3>
						<div
							class="mt-1 flex overflow-hidden rounded-lg border border-base-300"
							aria-hidden="true"
						>
							{#each held as [what, share], nth (what)}
								<span
									class="truncate px-2 py-1 text-sm {tones[nth] ?? ''}"
									style:flex-grow={Math.max(0.08, share)}
									style:flex-basis="0">{what}</span
								>
							{/each}
						</div>
						<p data-held>
							{capital(held.map(([what, share]) => `${what} in ${percent(share)}`).join(', '))} of the
							seasons that fall short.
						</p>
					</div>
				{/if}
			</section>
			<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
				<section class="sheet grid gap-2 p-4" aria-labelledby="levers">
					<h2 id="levers">What would help</h2>
					<ul>
						{#each said.levers as { what, adds, chance } (what)}
							<li
								class="grid gap-x-3 border-t border-base-300 py-2 first:border-t-0"
								data-lever={what}
							>
								<p>
									<strong>{leverWords(what, 1)}</strong>: {addsWords(adds)}, {chanceWords(chance)}
								</p>
								<p class="flex flex-wrap gap-x-4">
									<a
										class="inline-flex min-h-11 link items-center"
										href="/season{seasonQuery(goal.by, more(what, 1))}"
										data-sveltekit-noscroll
										data-sveltekit-keepfocus
										>See it<span class="sr-only">: {leverWords(what, 1)}</span></a
									>
									{#if levers[what] > 0}
										<a
											class="inline-flex min-h-11 link items-center"
											href="/season{seasonQuery(goal.by, more(what, -1))}"
											data-sveltekit-noscroll
											data-sveltekit-keepfocus>Without {leverWords(what, 1)}</a
										>
									{/if}
								</p>
							</li>
						{/each}
					</ul>
					<p role="status" class="quiet">{navigating.to ? 'Working it out …' : ''}</p>
				</section>
				<section class="sheet grid gap-2 p-4" aria-labelledby="nine">
					<h2 id="nine">What would make it nine in ten?</h2>
					{#if !data.isNineAsked}
						<a
							class="btn justify-self-start"
							href="/season{seasonQuery(goal.by, levers)}&nine=yes"
							data-sveltekit-noscroll>Find the smallest change</a
						>
					{:else if change}
						<p data-change={change.chance}>
							{#if leversWords(change.levers) === ''}It is that likely as it stands.{:else}{capital(
									leversWords(change.levers)
								)}: then {chanceWords(change.chance)}.
								<a class="link" href="/season{seasonQuery(goal.by, change.levers)}">See it</a>{/if}
						</p>
					{:else}
						<p data-change="">
							No change of up to six of these does. More time would, or fewer mats: say so to the
							places soon.
						</p>
					{/if}
				</section>
				<SeasonRests {basis} />
			</div>
		</div>
	{/if}
</main>
