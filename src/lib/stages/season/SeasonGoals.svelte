<script lang="ts">
	// What is wanted and by when, each with how likely it is; the one that is looked at is marked.
	import { SeasonPage as say } from '$lib/words/season';
	import { nearDayWords } from '$lib/ui/day-words';
	import { capital } from '$lib/ui/number-words';
	import type { GoalSaid } from './season-said';
	import type { SeasonAsked, SeasonBasis, SeasonGoal } from './season-view';
	import { goalWords, likelihood, seasonQuery, tenthsWords } from './season-words';

	interface Props {
		basis: SeasonBasis;
		goal: SeasonGoal;
		asked: SeasonAsked;
		/** What is said of each; null while it is worked out. */
		goals: readonly GoalSaid[] | null;
	}
	const { basis, goal, asked, goals }: Props = $props();
</script>

<nav
	class="grid grid-cols-[minmax(0,1fr)] gap-2 @min-[40rem]:grid-cols-[repeat(auto-fit,minmax(20rem,1fr))]"
	aria-label={say.goals()}
>
	{#each basis.goals as one, at (one.by)}
		{@const said = goals?.[at]}
		<a
			class="flex min-h-12 items-center justify-between gap-3 rounded-(--radius-box) border border-base-300 bg-base-100 px-4 py-2 no-underline aria-[current=page]:border-2 aria-[current=page]:border-primary"
			href="/season{seasonQuery(one.by, asked)}"
			aria-current={one.by === goal.by ? 'page' : undefined}
			data-goal={one.by}
			data-sveltekit-noscroll
			data-sveltekit-keepfocus
		>
			<span class="min-w-0 font-semibold break-words"
				>{goalWords(one, basis)}
				<span class="quiet font-normal">{nearDayWords(one.by, basis.today)}</span></span
			>
			{#if said}<span class="shrink-0 text-right" data-goal-chance={said.chance}
					><strong>{capital(likelihood(said.chance))}</strong>
					<span class="quiet block text-sm">{tenthsWords(said.chance)}</span></span
				>{/if}
		</a>
	{/each}
</nav>
