<script lang="ts">
	// Cells of a list that cannot be kept, or are asked about first, each to be put right where it stands.
	import { ListProblems as say } from '$lib/words/gather';
	import { actTo } from '$lib/ui/offered';
	import { enhance } from '$app/forms';
	import type { CellProblem } from './check-list';
	import { keepTyped } from '$lib/ui/keep-typed';
	import { wholeNumber } from '$lib/ui/number-words';

	/** The first of them, and how many there are in all; wrong, or only odd. */
	const {
		problems,
		count,
		isWrong = false
	}: { problems: readonly CellProblem[]; count: number; isWrong?: boolean } = $props();
</script>

{#if count > 0}
	<p class="mt-2 text-[0.9375rem]">
		{wholeNumber(count)}
		{#if isWrong}{say.countPluralOneOtherTo({ count })}{:else}{say.countPluralOneOtherTo2({
				count
			})}{/if}{count > problems.length ? say.theFirstAre({ length: problems.length }) : ''}:
	</p>
	<ul class="mt-1 divide-y divide-base-300 border-t border-base-300">
		{#each problems as { row, column, typed, sentence, at, columnAt } (`${row} ${column}`)}
			<li
				class="grid items-center gap-x-4 gap-y-1 py-2 text-[0.9375rem] @min-[38rem]:grid-cols-[18rem_minmax(0,1fr)]"
				data-problem={isWrong ? `${row} ${column}` : undefined}
				data-odd={isWrong ? undefined : row}
			>
				{#if columnAt >= 0}
					<form
						class="grid grid-cols-[minmax(0,1fr)_auto] items-end gap-1"
						method="POST"
						{...actTo('?/mend')}
						use:enhance={keepTyped}
					>
						<input type="hidden" name="row" value={at} />
						<input type="hidden" name="column" value={columnAt} />
						<label class="grid gap-1">
							<span class="quiet">{say.row({ row, column })}</span>
							<input class="field w-full min-w-0 font-mono text-sm" name="text" value={typed} />
						</label>
						<button class="btn px-3 font-normal">{say.correct()}</button>
					</form>
				{:else}
					<p>{say.row({ row, column })} <span class="quiet">{say.noSuchColumn()}</span></p>
				{/if}
				<p class={isWrong ? 'text-error' : ''}>{sentence}</p>
			</li>
		{/each}
	</ul>
{/if}
