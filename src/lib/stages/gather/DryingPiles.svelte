<script lang="ts">
	// What hangs to dry, pile by pile: when to look again, and the way back to the sorting table.
	import { DryingPiles as say } from '$lib/words/gather';
	import { actTo } from '$lib/ui/offered';
	import { enhance } from '$app/forms';
	import { momentWords } from '$lib/ui/day-words';
	import type { DryingPile } from './lines';

	interface Props {
		piles: readonly DryingPile[];
		/** The pile that is being sorted. */
		chosen: number | null;
	}
	const { piles, chosen }: Props = $props();
	const now = Date.now();
</script>

<section class="sheet p-4" aria-labelledby="drying-now">
	<h2 id="drying-now">{say.hangingToDry()}</h2>
	{#if piles.length === 0}
		<p class="mt-2 text-[0.9375rem]">{say.nothingIsDrying()}</p>
	{/if}
	<ul class="mt-2">
		{#each piles as { id, place, kind, colour, hanging, lookAgainAt, endedAt } (id)}
			<li
				class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-base-300 py-2 text-[0.9375rem]"
				data-pile={id}
			>
				<span class="min-w-[min(12rem,100%)] flex-1">
					<strong>{say.from({ part: kind ? `${kind}, ${colour}: ` : '', hanging, place })}</strong>
					<span class="quiet block">
						{#if endedAt}
							{say.noneLeftSaid({ moment: momentWords(endedAt) })}
						{:else}
							{lookAgainAt.getTime() <= now ? say.timeToLookAgainSince() : say.lookAgain()}
							{momentWords(lookAgainAt)}
						{/if}
					</span>
				</span>
				{#if !endedAt && chosen !== id}
					<a class="btn" href="?dried={id}#dried-pile" data-sveltekit-noscroll>{say.sortThem()}</a>
				{/if}
				<form method="POST" {...actTo(endedAt ? '?/there' : '?/none')} use:enhance>
					<input type="hidden" name="id" value={id} />
					<button class="btn font-normal">{endedAt ? say.theyAreThere() : say.noneLeft()}</button>
				</form>
			</li>
		{/each}
	</ul>
</section>
