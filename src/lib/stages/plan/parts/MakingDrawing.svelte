<script lang="ts">
	// The drawing of a step of the making, fetched when one is opened; and the turn of a band, crossing by crossing.
	import { MakingDrawing as say } from '$lib/words/plan';
	import { crossingsHome } from '$lib/core/techniques/bands/braid';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { StepName } from '$lib/stages/plan/words/step-lines';
	import Measured from '$lib/ui/Measured.svelte';
	import SceneView from '$lib/ui/SceneView.svelte';
	import { drawingsOf, turnWords } from '../drawing/making-drawings';

	const { bench, step, tallest }: { bench: Bench; step: StepName; tallest: number } = $props();
	let crossings = $state(3);
	const mat = $derived(bench.drawn.estimate.model.mat);
	const strands = $derived(
		step === 'technique' && mat.kind === 'finger-bands' ? mat.warpStrands : 0
	);
	const home = $derived(strands > 0 ? crossingsHome(strands) : 0);
	const shown = $derived(Math.min(crossings, home));
</script>

<Measured usual={334}>
	{#snippet children({ width, type })}
		{#each drawingsOf(step, bench.drawn.plan, bench.drawn.estimate, bench.system, { width, type, tallest }, shown) as { scene, said }, nth (nth)}
			<SceneView {scene} {said} {type} class="block" />
		{/each}
	{/snippet}
</Measured>
{#if home > 0}
	<label class="no-print flex flex-wrap items-center gap-3 text-[0.9375rem]">
		{say.theTurnAtTheEnd()}
		<input
			class="range w-full min-w-0 basis-full range-primary"
			type="range"
			min="0"
			max={home}
			step="1"
			bind:value={crossings}
			aria-valuetext={turnWords(strands, shown)}
		/>
		<span class="figure font-semibold">{say.of({ shown, home })}</span>
	</label>
	<p class="quiet text-[0.9375rem]" role="status">{turnWords(strands, shown)}</p>
{/if}
