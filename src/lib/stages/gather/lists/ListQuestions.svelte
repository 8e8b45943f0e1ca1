<script lang="ts">
	// What a list cannot say of itself: which way round its days are, what becomes of rows that are
	// there already, and whether odd counts are right.
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
		ymd: 'the year first',
		dmy: 'the day first: 24/11/2026',
		mdy: 'the month first: 11/24/2026'
	};
</script>

{#if check.isDayOrderAsked || found.dayOrder}
	<form
		class="mt-2 flex flex-wrap items-center gap-2"
		method="POST"
		{...actTo('?/settle')}
		use:enhance
	>
		<span class="text-[0.9375rem]">Its days are written with</span>
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
				>{wholeNumber(check.knownCount)} of the rows {check.knownCount === 1 ? 'is' : 'are'} there already,</strong
			>
			with the same day and count.
			{#if found.knownRows === 'skip'}They are left out.{:else if found.knownRows === 'again'}They
				are counted once more.{/if}
		</p>
		<div class="flex flex-wrap gap-2">
			<button
				class="btn {found.knownRows === 'skip' ? 'btn-neutral' : ''}"
				name="known"
				value="skip"
				aria-pressed={found.knownRows === 'skip'}>Leave them out</button
			>
			<button
				class="btn font-normal {found.knownRows === 'again' ? 'btn-neutral' : ''}"
				name="known"
				value="again"
				aria-pressed={found.knownRows === 'again'}>Count them once more</button
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
			>{check.oddCellCount === 1 ? 'This count is right' : 'These counts are right'}</button
		>
	</form>
{/if}
