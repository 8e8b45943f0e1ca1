<script lang="ts">
	// Every movement of one line of the store, the newest first.
	import Table from '$lib/components/Table.svelte';
	import type { LengthSystem } from '$lib/core/units/format-length';
	import type { Form } from '$lib/gather/entries';
	import { amountWords } from '$lib/gather/store-words';
	import type { SentForm } from '$lib/gather/typed-form.svelte';
	import TakeBack from './TakeBack.svelte';

	interface Movement {
		readonly id: number;
		readonly amount: number;
		readonly reason: string;
		readonly note: string | null;
		readonly byName: string | null;
		readonly movedAt: Date;
		readonly correctedBy: number | null;
	}
	interface Props {
		title: string;
		form: Form;
		movements: readonly Movement[];
		system: LengthSystem;
		/** Where a correction goes without scripts. */
		action: string;
		sent?: SentForm | null | undefined;
	}
	const { title, form, movements, system, action, sent }: Props = $props();
	const time = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
</script>

<section class="sheet p-4" aria-labelledby="history">
	<h2 id="history">Every movement of {title}</h2>
	<Table
		heads={[
			'When',
			{ label: 'How much', isFigure: true },
			'Why',
			{ label: 'Correct', isSilent: true }
		]}
	>
		{#each movements as move (move.id)}
			<tr class="align-top">
				<td class="quiet whitespace-nowrap">{time.format(move.movedAt)}</td>
				<td class="figure text-right font-semibold whitespace-nowrap"
					>{move.amount > 0 ? '+' : '−'}{amountWords(form, Math.abs(move.amount))}</td
				>
				<td>
					{move.reason}{move.byName ? `, by ${move.byName}` : ''}
					{#if move.note}<span class="quiet block text-sm">{move.note}</span>{/if}
				</td>
				<td class="text-right">
					{#if move.correctedBy}
						<span class="quiet">taken back</span>
					{:else if move.reason !== 'correction'}
						<TakeBack movement={move.id} {system} {action} {sent} />
					{/if}
				</td>
			</tr>
		{/each}
	</Table>
</section>
