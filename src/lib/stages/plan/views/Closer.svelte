<script lang="ts">
	// The drawing of the open step, large, to be looked at closer, with the figures that go with it.
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { rowsPerBall } from '$lib/core/techniques/crochet/rows-per-ball';
	import { fourSeats } from '$lib/core/techniques/peg-loom/seats';
	import { crossingsHome } from '$lib/core/techniques/bands/braid';
	import { usualWorkSetup } from '$lib/core/model/types';
	import { cutLine } from '$lib/stages/plan/words/step-lines';
	import { ballStrandMm } from '$lib/core/model/balls-of-plan';
	import { foundationChains } from '$lib/core/techniques/crochet/stitches';
	import { pointFor } from '$lib/core/model/known-for';
	import { formatSpacing } from '$lib/core/units/format-length';
	import { figure, wholeNumber } from '$lib/ui/number-words';
	import Measured from '$lib/ui/Measured.svelte';
	import SceneView from '$lib/ui/SceneView.svelte';
	import { fineWords, massWords, strandWords } from '$lib/ui/unit-words';
	import { drawingsOf } from '../drawing/making-drawings';
	import OverUnderChart from '../drawing/OverUnderChart.svelte';
	import Zoomable from '../drawing/Zoomable.svelte';

	const { bench }: { bench: Bench } = $props();
	const step = $derived(bench.openStep === 'size' ? 'technique' : bench.openStep);
	const model = $derived(bench.drawn.estimate.model);
	const mat = $derived(model.mat);
	const technique = $derived(bench.drawn.plan.technique);
	const bagsPerBall = $derived((bench.drawn.plan.work ?? usualWorkSetup).bagsPerBall);
	const strand = (mm: number) => strandWords(mm, bench.system);
	const mass = (g: number) => massWords(g, bench.system);
	const fine = (mm: number) => fineWords(mm, bench.system);
	const perBagMm = $derived(ballStrandMm(bench.drawn.plan, model) / bagsPerBall);
	const massFactor = $derived(pointFor(bench.drawn.plan, bench.practice).factors.bagMass);
	const turn = $derived(mat.kind === 'finger-bands' ? crossingsHome(mat.warpStrands) : 0);
	const names = {
		size: 'the mat',
		bag: 'the bag',
		cut: 'the cut',
		join: 'the strand',
		technique: 'the making',
		finish: 'the finish'
	} as const;
</script>

<Zoomable label={names[step]}>
	<Measured usual={566} class="grid gap-3">
		{#snippet children({ width, type })}
			{#each drawingsOf(step, bench.drawn.plan, bench.drawn.estimate, bench.system, { width, type, tallest: Math.max(200, 0.6 * width) }, turn) as { scene, said }, nth (nth)}
				<SceneView {scene} {said} {type} class="block" />
			{/each}
		{/snippet}
	</Measured>
</Zoomable>
{#if step === 'bag' || step === 'cut'}
	<dl class="grid grid-cols-[1fr_auto] gap-x-4 gap-y-2 text-[0.9375rem]">
		<dt>A bag gives</dt>
		<dd class="figure text-right font-semibold">{cutLine(model.yield, bench.system)}</dd>
		<dt>Strand a bag</dt>
		<dd class="figure text-right font-semibold">
			{strand(perBagMm)}
		</dd>
		<dt>Film used of a bag</dt>
		<dd class="figure text-right font-semibold">
			{mass(model.yield.filmUsedG)} of {mass(bench.drawn.plan.bag.massG * massFactor)}
		</dd>
		<dt>Scrap from all the bags</dt>
		<dd class="figure text-right font-semibold">{mass(model.mass.scrapG)}</dd>
		<dt>Spoiled in work</dt>
		<dd class="figure text-right font-semibold">{mass(model.mass.spoiledG)}</dd>
	</dl>
{:else if step === 'join'}
	<p class="quiet text-[0.9375rem]">
		Drawn at true scale where the screen tells its size honestly; the printed sheets always are.
		Slack in the hand, it looks half as thick again.
	</p>
{:else if step === 'technique'}
	{#if mat.kind === 'crochet'}
		<dl class="grid grid-cols-[1fr_auto] gap-x-4 gap-y-2 text-[0.9375rem] @min-[38rem]:max-w-md">
			<dt>Begin</dt>
			<dd class="figure text-right font-semibold">
				chain {foundationChains(mat)} and turn
			</dd>
			<dt>Foundation chain</dt>
			<dd class="figure text-right font-semibold">
				{mat.stitches} chains for {mat.stitches} stitches, {strand(mat.foundationMm)}
			</dd>
			<dt>One row takes</dt>
			<dd class="figure text-right font-semibold">{strand(mat.strandPerRowMm)}</dd>
			<dt>A ball of {bagsPerBall} bags makes</dt>
			<dd class="figure text-right font-semibold">
				{figure(rowsPerBall(ballStrandMm(bench.drawn.plan, model), mat.strandPerRowMm))} rows
			</dd>
			<dt>A stitch is</dt>
			<dd class="figure text-right font-semibold">
				{fine(mat.stitchWidthMm)} × {fine(mat.rowHeightMm)}
			</dd>
			<dt>The mat lies</dt>
			<dd class="figure text-right font-semibold">{fine(mat.thicknessMm)} thick</dd>
			<dt>Turns at row ends</dt>
			<dd class="figure text-right font-semibold">{wholeNumber(mat.rows)}</dd>
		</dl>
	{:else if mat.kind === 'peg-loom' && technique.kind === 'peg-loom'}
		<OverUnderChart {mat} {technique} />
		<p class="quiet text-[0.9375rem]">
			{wholeNumber(mat.warpStrands)} strands from peg to peg, {bench.readable(
				mat.pegToPegMm,
				'mat'
			)};
			{strand(mat.weftStrandMm)} of weft.
			{#if technique.ends === 'both' && mat.rows >= 2}
				Four can weave: each end's pair hands over after strand {fourSeats(mat.pegs, mat.rows)[0]
					?.lastStrand}.
			{/if}
		</p>
	{:else if mat.kind === 'twined'}
		<p class="quiet text-[0.9375rem]">
			{mat.panel.nails} nails at each end, {formatSpacing(mat.panel.spacingMm, bench.system)} apart,
			{mat.panel.rows} rows{mat.panels.count > 1 ? `, in each of ${mat.panels.count} panels` : ''}; {strand(
				mat.warpMm
			)} of warp in all{mat.clothM > 0 ? ` from ${strand(mat.clothM * 1000)} of cloth` : ''}. Eyes
			or clips hold the rods; bare nails let them pop out.
		</p>
	{/if}
{/if}
