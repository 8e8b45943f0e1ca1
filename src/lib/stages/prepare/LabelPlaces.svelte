<script lang="ts">
	// The sheet of labels in small: tap the label it begins at, where some are used already.
	import { LabelPlaces as say } from '$lib/words/prepare';
	import type { LabelGrid } from './label-sizes';
	import { labelsOn } from './label-sizes';

	interface Props {
		grid: LabelGrid;
		/** From 1. */
		begin: number;
		onbegin: (at: number) => void;
	}
	const { grid, begin, onbegin }: Props = $props();
	const labels = $derived(Array.from({ length: labelsOn(grid) }, (_, at) => at + 1));
</script>

<details class="no-script">
	<summary class="min-h-11 cursor-pointer py-2">{say.someLabelsOfTheSheet()}</summary>
	<div
		class="grid max-w-64 gap-px border border-base-content bg-base-300 p-px"
		style:grid-template-columns="repeat({grid.columns}, 1fr)"
		role="group"
		aria-label={say.firstLabelToPrint()}
	>
		{#each labels as at (at)}
			<button
				type="button"
				class="figure grid min-h-6 cursor-pointer place-items-center text-sm {at < begin
					? 'bg-base-300 line-through'
					: at === begin
						? 'bg-accent font-bold text-accent-content'
						: 'bg-base-100'}"
				style:aspect-ratio="{grid.widthMm} / {grid.heightMm}"
				aria-pressed={at === begin}
				aria-label={say.label({ at })}
				onclick={() => onbegin(at)}>{at}</button
			>
		{/each}
	</div>
</details>
