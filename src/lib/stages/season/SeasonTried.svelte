<script lang="ts">
	// What is tried: shown everywhere on the page, to be kept or dropped; and what is counted on already.
	import { SeasonPage as say } from '$lib/words/season';
	import { noLevers } from '$lib/core/season/forecast';
	import { nearDayWords } from '$lib/ui/day-words';
	import { newKey } from '$lib/ui/new-key';
	import { fixed } from '$lib/ui/number-words';
	import { actTo } from '$lib/ui/offered';
	import type { Outlook } from './season-said';
	import type { SeasonAsked, SeasonBasis, SeasonGoal } from './season-view';
	import { extraDay } from './season-weeks';
	import { leverWords, likelihood, seasonQuery } from './season-words';

	interface Props {
		basis: SeasonBasis;
		goal: SeasonGoal;
		asked: SeasonAsked;
		/** What is tried, in words; nothing where nothing is. */
		tried: string;
		outlook: Outlook | null;
		plain: { readonly expected: number; readonly chance: number } | null;
	}
	const { basis, goal, asked, tried, outlook, plain }: Props = $props();
	const key = newKey();
	const days = $derived(
		Array.from({ length: asked.levers['table-day'] }, (_, nth) =>
			nearDayWords(extraDay(basis, goal, nth), basis.today)
		)
	);
</script>

{#if tried}
	<section
		class="grid gap-2 rounded-(--radius-box) border-2 border-primary bg-base-100 p-4"
		aria-label={say.trying({ what: tried })}
		data-tried
	>
		<p>
			<strong>{say.trying({ what: tried })}</strong>{#if days.length > 0}<span class="quiet">
					({days.join(', ')})</span
				>{/if}
		</p>
		{#if plain && outlook}
			<p data-tried-result>
				{say.tryingResult({
					before: fixed(plain.expected, 1),
					after: fixed(outlook.expected, 1),
					chanceBefore: likelihood(plain.chance),
					chance: likelihood(outlook.chance)
				})}
			</p>
		{/if}
		<div class="flex flex-wrap gap-2">
			{#if asked.other === null}
				<form method="POST" {...actTo('?/count')}>
					<input type="hidden" name="key" value={key} />
					<input type="hidden" name="tried" value={seasonQuery(goal.by, asked)} />
					<button class="btn btn-accent">{say.keepIt()}</button>
				</form>
			{/if}
			<a
				class="btn"
				href="/season{seasonQuery(goal.by, { levers: noLevers, other: null })}"
				data-sveltekit-noscroll>{say.dropIt()}</a
			>
		</div>
	</section>
{/if}
{#each basis.counted as { id, what } (id)}
	<form
		class="flex flex-wrap items-center gap-x-3"
		method="POST"
		{...actTo('?/uncount')}
		data-counted-on={what}
	>
		<input type="hidden" name="id" value={id} />
		<span>{say.countedOn({ what: leverWords(what, 1) })}</span>
		<button class="btn btn-ghost px-3 font-normal">{say.noLongerCounted()}</button>
	</form>
{/each}
