<script lang="ts">
	// Rolled mats as they lie in their crates, and how many crates that takes.
	import { crateScene } from '$lib/core/drawing/crate-scene';
	import type { Crate } from '$lib/core/finish/roll';
	import type { LengthSystem } from '$lib/core/units/format-length';
	import { smallNumber } from '$lib/ui/number-words';
	import SceneView from '$lib/ui/SceneView.svelte';
	import { crateWords, namesIn } from './hand-over-words';
	import type { Packed } from './packing';

	interface Props {
		packed: Packed;
		crate: Crate;
		system: LengthSystem;
	}
	const { packed, crate, system }: Props = $props();
	const { crates, left, rolls } = $derived(packed);
</script>

<div class="grid gap-2" data-crates={crates.length}>
	<p>
		{rolls.length === 1 ? 'The roll fills' : `The ${smallNumber(rolls.length)} rolls fill`}
		{smallNumber(crates.length)}
		{crates.length === 1 ? 'crate' : 'crates'} of {crateWords(crate, system)}{left.length > 0
			? `; ${smallNumber(left.length)} too large for one ${left.length === 1 ? 'goes' : 'go'} beside them`
			: ''}.
	</p>
	<div class="flex flex-wrap gap-3">
		{#each crates as one, at (at)}
			<SceneView
				scene={crateScene(one, rolls, { width: 260, tallest: 200, type: 13 })}
				said="Crate {at + 1}: {namesIn(one, rolls)}"
			/>
		{/each}
	</div>
</div>
