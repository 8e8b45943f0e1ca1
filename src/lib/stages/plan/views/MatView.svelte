<script lang="ts">
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import Measured from '$lib/ui/Measured.svelte';
	import SceneView from '$lib/ui/SceneView.svelte';
	import { drawMat } from '../drawing/drawings';
	import Hold from '../parts/Hold.svelte';
	import { handlesOf } from '../parts/handles';
	import BallRow from './BallRow.svelte';
	import DetailSheet from './DetailSheet.svelte';

	const { bench }: { bench: Bench } = $props();
	let windowWidth = $state(0);
	// Wide enough for the mat to stand beside its step: held here, and not drawn twice.
	$effect(() => {
		bench.isMatBeside = windowWidth >= 1100;
		return () => (bench.isMatBeside = false);
	});
</script>

<svelte:window bind:innerWidth={windowWidth} />
<div class="grid grid-cols-[minmax(0,1fr)] gap-3">
	<Measured usual={566}>
		{#snippet children({ width, type })}
			{@const box = { width, type, tallest: 212 }}
			<SceneView
				{...drawMat(bench.drawn.plan, bench.drawn.estimate, bench.system, box)}
				{type}
				class="block"
			/>
			{#if bench.isMatBeside && bench.openStep === 'size'}
				{#each handlesOf('size', bench, box) as handle (handle.field)}
					<Hold {bench} {handle} />
				{/each}
			{/if}
		{/snippet}
	</Measured>
	<BallRow {bench} balls={bench.drawn.estimate.model.balls} />
	<DetailSheet {bench} />
</div>
