<script lang="ts">
	// What changed since last week, what it did to the goal, and what can be done about it.
	import { SeasonPage as say } from '$lib/words/season';
	import { nearDayWords } from '$lib/ui/day-words';
	import { wholeNumber } from '$lib/ui/number-words';
	import type { ChangeSaid } from './season-changes';
	import { changeActs, changeWords, effectWords } from './change-words';

	interface Props {
		since: string;
		/** Mats by the goal as it was forecast then; null where that was no goal then. */
		before: number | null;
		expected: number;
		changes: readonly ChangeSaid[];
		today: string;
		/** Names by ids, of those whom whoever reads may know. */
		names: Readonly<Record<string, string>>;
	}
	const { since, before, expected, changes, today, names }: Props = $props();
</script>

<section class="sheet grid gap-1 p-4" aria-labelledby="changed" data-changes>
	<h2 id="changed">{say.changedSince({ day: nearDayWords(since, today) })}</h2>
	{#if before !== null}
		<p>{say.wasNow({ before: wholeNumber(before), now: wholeNumber(expected) })}</p>
	{/if}
	{#each changes as change (change.sort)}
		{@const act = changeActs[change.sort]}
		<div class="border-t border-base-300 py-2" data-change-of={change.sort}>
			<p>{changeWords(change, names, today)}</p>
			<p class="flex flex-wrap items-center justify-between gap-x-3">
				<span class="quiet" data-effect={change.effect}
					>{change.effect === null ? '' : effectWords(change.effect)}</span
				>
				{#if act}<a class="inline-flex min-h-11 link items-center" href={act.href}>{act.words}</a
					>{/if}
			</p>
		</div>
	{:else}<p class="quiet">{say.nothingChanged()}</p>{/each}
</section>
