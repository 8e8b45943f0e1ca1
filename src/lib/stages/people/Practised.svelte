<script lang="ts">
	// What somebody practised under their name, and the seats it may open: only as the coordinator wishes.
	import { Practised as say } from '$lib/words/people';
	import { exerciseNames } from '$lib/stages/know-how/links/exercise-names';
	import type { KindPractised } from './practised-seats';
	import { seatsOfPractice } from './practised-seats';
	import type { SeatName } from './seats';
	import { seatWords } from './seats';

	interface Props {
		name: string;
		practised: readonly KindPractised[];
		/** Seats they may take already. */
		taken: Readonly<Record<string, string>>;
		onopen: (seat: SeatName) => void;
	}
	const { name, practised, taken, onopen }: Props = $props();
	const opens = $derived(
		[...new Set(practised.flatMap(({ kind }) => seatsOfPractice[kind]))].filter(
			(seat) => !taken[seat]
		)
	);
</script>

<section class="grid gap-2" aria-labelledby="practised">
	<h3 id="practised" class="font-semibold">{say.practised()}</h3>
	<ul>
		{#each practised as { kind, asked, right, sits } (kind)}
			<li data-practised={kind}>
				{say.rightOfIssitsSelectYes({
					exerciseNames: exerciseNames[kind],
					right,
					asked,
					isSits: sits ? 'yes' : 'no'
				})}
			</li>
		{/each}
	</ul>
	{#if opens.length > 0}
		<p class="quiet text-[0.9375rem]">
			{say.youCanOpenASeat()}
		</p>
		<p class="flex flex-wrap gap-2">
			{#each opens as seat (seat)}
				<button
					type="button"
					class="btn h-auto min-h-11 max-w-full shrink whitespace-normal"
					onclick={() => onopen(seat)}
					>{say.openToAsNewTo({ seatWords: seatWords[seat], name })}</button
				>
			{/each}
		</p>
	{/if}
</section>
