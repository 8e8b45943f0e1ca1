<script lang="ts">
	// The drawing that belongs to a step, in view while the step is worked, with holds for the hand.
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { StepName } from '$lib/stages/plan/words/step-lines';
	import Measured from '$lib/ui/Measured.svelte';
	import SceneView from '$lib/ui/SceneView.svelte';
	import Hold from './Hold.svelte';
	import { handlesOf } from './handles';
	import { bagDrawings } from '../drawing/drawings';

	const { bench, step }: { bench: Bench; step: StepName } = $props();
	let windowWidth = $state(1280);
	let windowHeight = $state(800);
	const tallest = $derived(
		windowWidth < 640
			? Math.min(130, Math.max(90, windowHeight * 0.16))
			: Math.min(210, Math.max(120, windowHeight * 0.22))
	);
</script>

<svelte:window bind:innerWidth={windowWidth} bind:innerHeight={windowHeight} />
<div class="step-drawing border-b border-base-300 bg-base-100 px-4 pt-2 pb-3" data-drawing={step}>
	{#if step === 'size' || step === 'bag' || step === 'cut'}
		<Measured usual={334}>
			{#snippet children({ width, type })}
				{@const box = { width, type, tallest }}
				{#each bagDrawings(step, bench.drawn.plan, bench.drawn.estimate, bench.system, box) as { scene, said }, nth (nth)}
					<SceneView {scene} {said} {type} class="block" />
				{/each}
				{#each handlesOf(step, bench, box) as handle (handle.field)}
					<Hold {bench} {handle} />
				{/each}
			{/snippet}
		</Measured>
	{:else}
		{#await import('./MakingDrawing.svelte') then { default: MakingDrawing }}
			<MakingDrawing {bench} {step} {tallest} />
		{/await}
	{/if}
</div>
