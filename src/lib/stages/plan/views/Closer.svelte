<script lang="ts">
	// The drawing of the open step, large, to be looked at closer, with the figures that go with it.
	import { Closer as say } from '$lib/words/plan';
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
		size: say.theMat(),
		bag: say.theBag(),
		cut: say.theCut(),
		join: say.theStrand(),
		technique: say.theMaking(),
		finish: say.theFinish()
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
		<dt>{say.aBagGives()}</dt>
		<dd class="figure text-right font-semibold">{cutLine(model.yield, bench.system)}</dd>
		<dt>{say.yarnPerBag()}</dt>
		<dd class="figure text-right font-semibold">
			{strand(perBagMm)}
		</dd>
		<dt>{say.plasticUsedPerBag()}</dt>
		<dd class="figure text-right font-semibold">
			{say.of({
				mass: mass(model.yield.filmUsedG),
				mass2: mass(bench.drawn.plan.bag.massG * massFactor)
			})}
		</dd>
		<dt>{say.scrapFromAllTheBags()}</dt>
		<dd class="figure text-right font-semibold">{mass(model.mass.scrapG)}</dd>
		<dt>{say.spoiledInWork()}</dt>
		<dd class="figure text-right font-semibold">{mass(model.mass.spoiledG)}</dd>
	</dl>
{:else if step === 'join'}
	<p class="quiet text-[0.9375rem]">
		{say.drawnAtTrueScaleWhere()}
	</p>
{:else if step === 'technique'}
	{#if mat.kind === 'crochet'}
		<dl class="grid grid-cols-[1fr_auto] gap-x-4 gap-y-2 text-[0.9375rem] @min-[38rem]:max-w-md">
			<dt>{say.begin()}</dt>
			<dd class="figure text-right font-semibold">
				{say.chainAndTurn({ foundationChains: foundationChains(mat) })}
			</dd>
			<dt>{say.foundationChain()}</dt>
			<dd class="figure text-right font-semibold">
				{say.chainsForStitches({ stitches: mat.stitches, strand: strand(mat.foundationMm) })}
			</dd>
			<dt>{say.oneRowTakes()}</dt>
			<dd class="figure text-right font-semibold">{strand(mat.strandPerRowMm)}</dd>
			<dt>{say.aBallOfBagsMakes({ bagsPerBall })}</dt>
			<dd class="figure text-right font-semibold">
				{say.rows({
					rowsPerBall: figure(
						rowsPerBall(ballStrandMm(bench.drawn.plan, model), mat.strandPerRowMm)
					)
				})}
			</dd>
			<dt>{say.aStitchIs()}</dt>
			<dd class="figure text-right font-semibold">
				{fine(mat.stitchWidthMm)} × {fine(mat.rowHeightMm)}
			</dd>
			<dt>{say.theMatLies()}</dt>
			<dd class="figure text-right font-semibold">{say.thick({ fine: fine(mat.thicknessMm) })}</dd>
			<dt>{say.turnsAtRowEnds()}</dt>
			<dd class="figure text-right font-semibold">{wholeNumber(mat.rows)}</dd>
		</dl>
	{:else if mat.kind === 'peg-loom' && technique.kind === 'peg-loom'}
		<OverUnderChart {mat} {technique} />
		<p class="quiet text-[0.9375rem]">
			{say.strandsFromPegToPeg({
				warpStrands: wholeNumber(mat.warpStrands),
				readable: bench.readable(mat.pegToPegMm, 'mat'),
				strand: strand(mat.weftStrandMm)
			})}
			{#if technique.ends === 'both' && mat.rows >= 2}
				{say.fourCanWeaveEachEnds({
					lastStrand: fourSeats(mat.pegs, mat.rows)[0]?.lastStrand ?? ''
				})}
			{/if}
		</p>
	{:else if mat.kind === 'twined'}
		<p class="quiet text-[0.9375rem]">
			{say.nailsAtEachEndApart({
				nails: mat.panel.nails,
				formatSpacing: formatSpacing(mat.panel.spacingMm, bench.system),
				rows: mat.panel.rows,
				part: mat.panels.count > 1 ? say.inEachOfPanels({ count: mat.panels.count }) : '',
				strand: strand(mat.warpMm),
				part2: mat.clothM > 0 ? say.fromOfCloth({ strand: strand(mat.clothM * 1000) }) : ''
			})}
		</p>
	{/if}
{/if}
