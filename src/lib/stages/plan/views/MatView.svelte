<script lang="ts">
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import Measured from '$lib/ui/Measured.svelte';
	import SceneView from '$lib/ui/SceneView.svelte';
	import { drawMat } from '../drawing/drawings';
	import BallRow from './BallRow.svelte';
	import DetailSheet from './DetailSheet.svelte';

	const { bench }: { bench: Bench } = $props();
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-3">
	<Measured usual={566}>
		{#snippet children({ width, type })}
			<SceneView
				{...drawMat(bench.drawn.plan, bench.drawn.estimate, bench.system, {
					width,
					type,
					tallest: 212
				})}
				{type}
				class="block"
			/>
		{/snippet}
	</Measured>
	<BallRow {bench} balls={bench.drawn.estimate.model.balls} />
	<DetailSheet {bench} />
</div>
