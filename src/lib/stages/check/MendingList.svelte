<script lang="ts">
	// Mats to mend at a table day: what is wrong, how long it takes, and at whose seat.
	import { MendingList as say } from '$lib/words/check';
	import { formatLength } from '$lib/core/units/format-length';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { PlannedDay } from '$lib/stages/table-day/day-view';
	import type { FaultTally } from '$lib/core/check/fault-tallies';
	import type { MadeMatLine } from './check-view';
	import { faultWords, checkReasonWords, stepWords } from './check-words';
	import { mendingAt, mendingWords } from './menders';

	interface Props {
		mats: readonly MadeMatLine[];
		day: Pick<PlannedDay, 'people' | 'seats'>;
		/** Faults whose steps are shown again. */
		toShow: readonly FaultTally[];
	}
	const { mats, day, toShow }: Props = $props();
	const lines = $derived(mendingAt(mats, day));
	const outbox = getOutbox();
	const lengthWords = (mm: number) => formatLength(mm, outbox.readBy().system, 'mat');
	const whyOf = (code: string) =>
		(mats.find((mat) => mat.code === code)?.last?.reasons ?? [])
			.map((one) => checkReasonWords(one, lengthWords))
			.join('; ');
</script>

<section class="sheet p-4" aria-labelledby="mending" data-mending={mats.length}>
	<h3 id="mending" class="text-lg">
		{mats.length === 0
			? say.nothingToMend()
			: mats.length === 1
				? say.oneMatToMend()
				: say.matsToMend({ length: mats.length })}
	</h3>
	<ul>
		{#each lines as line (line.code)}
			<li class="border-t border-base-300 py-2 first:border-t-0" data-mend={line.code}>
				<a class="inline-flex min-h-11 link items-center font-semibold" href="/check/{line.code}"
					>{line.code}</a
				>
				{whyOf(line.code)}: {mendingWords(line)}
			</li>
		{/each}
	</ul>
	{#if toShow.length > 0}
		<p data-show>
			{say.showAgain({
				toShow: toShow
					.map(({ kind, step, mats: had, of }) =>
						say.inOf({ stepWords: stepWords[step], name: faultWords[kind].name, had, of })
					)
					.join('; ')
			})}
		</p>
	{/if}
</section>
