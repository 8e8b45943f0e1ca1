<script lang="ts">
	// What a list cannot say of itself: which way round its days are, what becomes of rows that are
	// there already, and whether odd counts are right.
	import { ListQuestions as msg } from '$lib/words/gather';
	import { actTo } from '$lib/ui/offered';
	import { enhance } from '$app/forms';
	import ListProblems from './ListProblems.svelte';
	import type { CellProblem } from './check-list';
	import type { AnsweredInList } from './still-asked';
	import type { DayOrder } from './days';
	import { wholeNumber } from '$lib/ui/number-words';

	const {
		found,
		check
	}: {
		found: AnsweredInList & { readonly dayOrder: DayOrder | null };
		check: {
			readonly isDayOrderAsked: boolean;
			readonly knownCount: number;
			readonly oddCells: readonly CellProblem[];
			readonly oddCellCount: number;
		};
	} = $props();
	const orderWords = {
		ymd: msg.theYearFirst(),
		dmy: msg.dayFirst(),
		mdy: msg.monthFirst()
	};
</script>

{#if check.isDayOrderAsked || found.dayOrder}
	<form
		class="mt-2 flex flex-wrap items-center gap-2"
		method="POST"
		{...actTo('?/settle')}
		use:enhance
	>
		<span class="text-[0.9375rem]">{msg.itsDaysAreWrittenWith()}</span>
		{#each ['dmy', 'mdy'] as const as order (order)}
			<button
				class="btn font-normal {found.dayOrder === order ? 'btn-neutral' : ''}"
				name="day_order"
				value={order}
				aria-pressed={found.dayOrder === order}>{orderWords[order]}</button
			>
		{/each}
	</form>
{/if}
{#if check.knownCount > 0}
	<form class="mt-2 grid gap-2" method="POST" {...actTo('?/settle')} use:enhance>
		<p class="text-[0.9375rem]" data-known>
			<strong
				>{msg.ofTheRowsKnowncount2Plural({
					knownCount: wholeNumber(check.knownCount),
					knownCount2: check.knownCount
				})}</strong
			>
			{msg.withTheSameDayAnd()}
			{#if found.knownRows === 'skip'}{msg.theyAreLeftOut()}{:else if found.knownRows === 'again'}{msg.theyAreCountedOnceMore()}{/if}
		</p>
		<div class="flex flex-wrap gap-2">
			<button
				class="btn {found.knownRows === 'skip' ? 'btn-neutral' : ''}"
				name="known"
				value="skip"
				aria-pressed={found.knownRows === 'skip'}>{msg.leaveThemOut()}</button
			>
			<button
				class="btn font-normal {found.knownRows === 'again' ? 'btn-neutral' : ''}"
				name="known"
				value="again"
				aria-pressed={found.knownRows === 'again'}>{msg.countThemAgain()}</button
			>
		</div>
	</form>
{/if}
{#if check.oddCellCount > 0}
	<ListProblems problems={check.oddCells} count={check.oddCellCount} />
	<form
		class="mt-2 flex flex-wrap items-center gap-2"
		method="POST"
		{...actTo('?/settle')}
		use:enhance
	>
		<button
			class="btn {found.areOddRight ? 'btn-neutral' : ''}"
			name="odd"
			value="right"
			aria-pressed={found.areOddRight}
			>{check.oddCellCount === 1 ? msg.thisCountIsRight() : msg.theseCountsAreRight()}</button
		>
	</form>
{/if}
