<script lang="ts">
	// Other plans for the mats that are begun from now: what each would do, by the same chance.
	import { SeasonExchange as say } from '$lib/words/season';
	import type { ExchangeSaid } from './season-said';
	import type { SeasonAsked, SeasonBasis, SeasonGoal } from './season-view';
	import { addsWords, chanceWords, moreBagsWords, seasonQuery } from './season-words';

	interface Props {
		basis: SeasonBasis;
		goal: SeasonGoal;
		asked: SeasonAsked;
		/** What each of the plans comes to; null where that is not asked for yet. */
		exchanges: readonly ExchangeSaid[] | null;
	}
	const { basis, goal, asked, exchanges }: Props = $props();
	const href = $derived(
		(other: string | null) => `/season${seasonQuery(goal.by, { ...asked, other })}`
	);
</script>

<section class="sheet grid gap-2 p-4" aria-labelledby="exchange">
	<h2 id="exchange">{say.allNewMatsByOne()}</h2>
	{#if basis.plans.length === 0}
		<p class="quiet">{say.noPlanIsKeptYet()}</p>
	{:else if !exchanges}
		<a class="btn justify-self-start" href="{href(asked.other)}&plans=yes" data-sveltekit-noscroll
			>{say.comparePlans()}</a
		>
	{:else}
		<ul>
			{#each basis.plans as { id, name, tool } (id)}
				{@const said = exchanges.find((one) => one.id === id)}
				<li class="border-t border-base-300 py-1 first:border-t-0" data-exchange={id}>
					<a
						class="grid min-h-11 grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 rounded-lg px-2 no-underline hover:bg-base-200 aria-[current=true]:bg-accent aria-[current=true]:text-accent-content"
						href="{href(asked.other === id ? null : id)}&plans=yes"
						aria-current={asked.other === id}
						data-sveltekit-noscroll
						data-sveltekit-keepfocus
					>
						<span class="break-words underline underline-offset-3">{name}</span>
						<strong class="text-right">{said ? chanceWords(said.chance) : ''}</strong>
						{#if said}<span class="col-span-2 text-[0.9375rem]">
								{say.inWork({ adds: addsWords(said.adds), moreBags: moreBagsWords(said.moreBags) })}
								{#if tool}{basis.tools[tool] === null
										? say.noIsKeptUnderTools({ tool })
										: say.toolsPluralOneOtherFor({ tools: basis.tools[tool], tool })}{/if}
							</span>{/if}
					</a>
				</li>
			{/each}
		</ul>
	{/if}
</section>
