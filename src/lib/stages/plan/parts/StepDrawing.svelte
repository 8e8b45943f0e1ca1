<script lang="ts">
	// The drawing that belongs to a step, in view while the step is worked, with holds for the hand.
	import { crossingsHome } from '$lib/core/techniques/bands/braid';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { StepName } from '$lib/stages/plan/words/step-lines';
	import Measured from '$lib/ui/Measured.svelte';
	import SceneView from '$lib/ui/SceneView.svelte';
	import Hold from './Hold.svelte';
	import { handlesOf } from './handles';
	import { drawingsOf, turnWords } from '../drawing/drawings';

	const { bench, step }: { bench: Bench; step: StepName } = $props();
	let windowWidth = $state(1280);
	let windowHeight = $state(800);
	const tallest = $derived(
		windowWidth < 640
			? Math.min(130, Math.max(90, windowHeight * 0.16))
			: Math.min(210, Math.max(120, windowHeight * 0.22))
	);
	let crossings = $state(3);
	const mat = $derived(bench.drawn.estimate.model.mat);
	const strands = $derived(
		step === 'technique' && mat.kind === 'finger-bands' ? mat.warpStrands : 0
	);
	const home = $derived(strands > 0 ? crossingsHome(strands) : 0);
	const shown = $derived(Math.min(crossings, home));
</script>

<svelte:window bind:innerWidth={windowWidth} bind:innerHeight={windowHeight} />
<div class="step-drawing border-b border-base-300 bg-base-100 px-4 pt-2 pb-3" data-drawing={step}>
	<Measured usual={334}>
		{#snippet children({ width, type })}
			{@const box = { width, type, tallest }}
			{#each drawingsOf(step, bench.drawn.plan, bench.drawn.estimate, bench.system, box, shown) as { scene, said }, nth (nth)}
				<SceneView {scene} {said} {type} class="block" />
			{/each}
			{#each handlesOf(step, bench, box) as handle (handle.field)}
				<Hold {bench} {handle} />
			{/each}
		{/snippet}
	</Measured>
	{#if home > 0}
		<label class="no-print flex flex-wrap items-center gap-3 text-[0.9375rem]">
			The turn at the end of a band, braided: crossing
			<input
				class="range min-w-0 flex-1 range-primary"
				type="range"
				min="0"
				max={home}
				step="1"
				bind:value={crossings}
				aria-valuetext={turnWords(strands, shown)}
			/>
			<span class="figure font-semibold">{shown} of {home}</span>
		</label>
		<p class="quiet text-[0.9375rem]" role="status">{turnWords(strands, shown)}</p>
	{/if}
</div>
