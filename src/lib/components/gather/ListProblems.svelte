<script lang="ts">
	// Cells of a list that cannot be kept, or are asked about first, each to be put right where it stands.
	import { enhance } from '$app/forms';
	import Table from '$lib/components/Table.svelte';
	import type { CellProblem } from '$lib/gather/csv/check-list';
	import { keepTyped } from '$lib/keep-typed';
	import { wholeNumber } from '$lib/plan/number-words';

	/** The first of them, and how many there are in all; wrong, or only odd. */
	const {
		problems,
		count,
		isWrong = false
	}: { problems: readonly CellProblem[]; count: number; isWrong?: boolean } = $props();
</script>

{#if count > 0}
	<p class="mt-2 text-[15px]">
		{wholeNumber(count)}
		{#if isWrong}{count === 1 ? 'place' : 'places'} to put right, here or in the file{:else}{count ===
			1
				? 'count'
				: 'counts'} to look at once more{/if}{count > problems.length
			? `; the first ${problems.length} are`
			: ''}:
	</p>
	<Table
		heads={[
			{ label: 'Row', isFigure: true },
			'Column',
			'There stands',
			isWrong ? 'What is wrong' : 'What is asked'
		]}
	>
		{#each problems as { row, column, typed, sentence, at, columnAt } (`${row} ${column}`)}
			<tr
				data-problem={isWrong ? `${row} ${column}` : undefined}
				data-odd={isWrong ? undefined : row}
			>
				<td class="figure text-right">{row}</td>
				<td>{column}</td>
				<td>
					{#if columnAt >= 0}
						<form class="flex gap-1" method="POST" action="?/mend" use:enhance={keepTyped}>
							<input type="hidden" name="row" value={at} />
							<input type="hidden" name="column" value={columnAt} />
							<input
								class="field w-36 font-mono text-sm"
								name="text"
								value={typed}
								aria-label="Row {row}, {column}"
							/>
							<button class="btn px-3 font-normal">Put right</button>
						</form>
					{:else}
						<span class="font-mono text-sm">(no such column)</span>
					{/if}
				</td>
				<td>{sentence}</td>
			</tr>
		{/each}
	</Table>
{/if}
