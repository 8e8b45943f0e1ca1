<script lang="ts">
	// What was sorted last, and the way to take it back.
	import { SortedList as say } from '$lib/words/gather';
	import type { Snippet } from 'svelte';
	import Table from '$lib/ui/Table.svelte';
	import { shortDayWords } from '$lib/ui/day-words';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { wholeNumber } from '$lib/ui/number-words';
	import type { GivesBack, SortedLine } from './lines';
	import TakeBack from '$lib/entries/TakeBack.svelte';
	import TakeBackCell from './TakeBackCell.svelte';

	interface Props {
		lines: readonly SortedLine[];
		/** The one that is about to be taken back. */
		back: number | null;
		sent?: SentForm | null | undefined;
		gives?: GivesBack;
		/** The way to what was sorted before. */
		children: Snippet;
	}
	const { lines, back, sent, gives = null, children }: Props = $props();
	const wordsOf = ({ kind, colour, place }: SortedLine) =>
		say.sortedFrom({ part: kind ? `${kind}, ${colour}` : say.bags2(), place });
	const piles = [
		['strand', say.goodForYarn()],
		['stuffing', say.stuffing()],
		['drying', say.drying()],
		['rejected', say.rejected()]
	] as const;
</script>

<section class="sheet p-4" aria-labelledby="sorted">
	<h2 id="sorted">{say.sortedSoFar()}</h2>
	{#if lines.length === 0}
		<p class="mt-2 text-[0.9375rem]">{say.nothingYetWhatYouSort()}</p>
	{:else}
		<Table
			heads={[
				say.day(),
				say.what(),
				...piles.map(([, label]) => ({ label, isFigure: true })),
				{ label: say.correct(), isSilent: true }
			]}
			stacks
		>
			{#each lines as line (line.id)}
				<tr class={line.takenBack === null ? '' : 'quiet'} data-sorted={line.id}>
					<td class="whitespace-nowrap">{shortDayWords(line.sortedAt)}</td>
					<td>
						{line.kind ? `${line.kind}, ${line.colour}` : say.bags()}
						<span class="quiet block text-sm"
							>{say.fromIshasdriedSelectYesOther({
								place: line.place,
								isHasDried: line.hasDried ? 'yes' : 'no',
								part: line.byName ? say.by({ byName: line.byName }) : ''
							})}</span
						>
					</td>
					{#each piles as [pile, label] (pile)}
						<td class="figure text-right" data-label={label}
							>{line[pile] > 0 ? wholeNumber(line[pile]) : ''}</td
						>
					{/each}
					<TakeBackCell {line} {back} words={wordsOf(line)} />
				</tr>
				{#if back === line.id && line.takenBack === null}
					<TakeBack of="sorting" id={line.id} words={wordsOf(line)} columns={7} {sent} {gives} />
				{/if}
			{/each}
		</Table>
	{/if}
	{@render children()}
</section>
