<script lang="ts">
	// Rolled mats as they lie in their crates, and how many crates that takes.
	import { Crates as say } from '$lib/words/hand-over';
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
		{say.length2PluralOneOtherOf({
			part:
				rolls.length === 1
					? say.theRollFills()
					: say.theRollsFill({ length: smallNumber(rolls.length) }),
			length: smallNumber(crates.length),
			length2: crates.length,
			crate: crateWords(crate, system),
			part2:
				left.length > 0
					? say.tooLargeForOneLength2({ length: smallNumber(left.length), length2: left.length })
					: ''
		})}
	</p>
	<div class="flex flex-wrap gap-3">
		{#each crates as one, at (at)}
			<SceneView
				scene={crateScene(one, rolls, { width: 260, tallest: 200, type: 13 })}
				said={say.box({ at: at + 1, namesIn: namesIn(one, rolls) })}
			/>
		{/each}
	</div>
</div>
