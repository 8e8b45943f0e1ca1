<script lang="ts">
	import { LineHistory as say } from '$lib/words/gather';
	import { page } from '$app/state';
	// The movements of one line of the store, the newest first, a page at a time.
	import Table from '$lib/ui/Table.svelte';
	import { momentWords } from '$lib/ui/day-words';
	import type { LineForm } from '$lib/core/store/forms';
	import { amountWords } from '$lib/ui/store-words';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import type { MovementLine } from './lines';
	import type { GivesBack } from './lines';
	import TakeBack from '$lib/entries/TakeBack.svelte';

	interface Props {
		title: string;
		form: LineForm;
		movements: readonly MovementLine[];
		hasOlder: boolean;
		/** The movement that is about to be taken back. */
		back: number | null;
		/** The query that shows this history; more is put behind it. */
		query: string;
		sent?: SentForm | null | undefined;
		gives?: GivesBack;
	}
	const { title, form, movements, hasOlder, back, query, sent, gives = null }: Props = $props();
	const oldest = $derived(movements.at(-1)?.id);
</script>

<section class="sheet p-4" aria-labelledby="history">
	<h2 id="history">{say.everyMovementOf({ title })}</h2>
	<Table
		heads={[
			say.when(),
			{ label: say.howMuch(), isFigure: true },
			say.why(),
			{ label: say.correct(), isSilent: true }
		]}
	>
		{#each movements as move (move.id)}
			<tr>
				<td class="quiet whitespace-nowrap">{momentWords(move.movedAt)}</td>
				<td class="figure text-right font-semibold whitespace-nowrap"
					>{move.amount > 0 ? '+' : '−'}{amountWords(
						form,
						Math.abs(move.amount),
						page.data.group.lengthSystem
					)}</td
				>
				<td>
					{move.reason}{move.byName ? say.by({ byName: move.byName }) : ''}
					{#if move.note}<span class="quiet block text-sm">{move.note}</span>{/if}
				</td>
				<td class="text-right whitespace-nowrap">
					{#if move.takenBackBy}
						<span class="quiet">{say.undone()}</span>
					{:else if move.reason !== 'correction' && back !== move.id}
						{#if move.isMovement}
							<a class="link-row" href="?{query}&edit={move.id}" data-sveltekit-noscroll
								>{say.edit()}</a
							>
						{/if}
						<a
							class="link-row"
							id="back-{move.id}"
							href="?{query}&back={move.id}#take-back"
							data-sveltekit-noscroll>{say.undo()}</a
						>
					{/if}
				</td>
			</tr>
			{#if back === move.id && !move.takenBackBy}
				<TakeBack
					of="entry"
					id={move.id}
					words={say.movement({ id: move.id })}
					columns={4}
					{query}
					{sent}
					{gives}
				/>
			{/if}
		{/each}
	</Table>
	{#if hasOlder}
		<a class="btn mt-2 font-normal" href="?{query}&before={oldest}#history" data-sveltekit-noscroll
			>{say.olderMovements()}</a
		>
	{/if}
</section>
