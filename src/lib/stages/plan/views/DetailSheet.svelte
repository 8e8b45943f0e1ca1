<script lang="ts">
	// What lies beside the mat: the bag, the strand, the making, or how a figure is reached.
	import type { Bench, DetailView } from '$lib/stages/plan/bench/bench.svelte';
	import { sketchBag } from '$lib/core/cut/sketch-bag';
	import { rowsPerBall } from '$lib/core/techniques/crochet/rows-per-ball';
	import { foldsOf } from '$lib/core/cut/stack';
	import { fourSeats } from '$lib/core/techniques/peg-loom/seats';
	import { usualWorkSetup } from '$lib/core/model/types';
	import { cutLine } from '$lib/stages/plan/words/step-lines';
	import { ballStrandMm } from '$lib/core/model/balls-of-plan';
	import { foundationChains } from '$lib/core/techniques/crochet/stitches';
	import { pointFor } from '$lib/core/model/known-for';
	import { formatSpacing } from '$lib/core/units/format-length';
	import { figure, wholeNumber } from '$lib/ui/number-words';
	import { fineWords, massWords, strandWords } from '$lib/ui/unit-words';
	import BagDrawing from '../drawing/BagDrawing.svelte';
	import BandsDrawing from '../drawing/BandsDrawing.svelte';
	import OverUnderChart from '../drawing/OverUnderChart.svelte';
	import PegLoomDrawing from '../drawing/PegLoomDrawing.svelte';
	import StrandDrawing from '../drawing/StrandDrawing.svelte';
	import TwinedDrawing from '../drawing/TwinedDrawing.svelte';
	import Zoomable from '../drawing/Zoomable.svelte';

	const { bench }: { bench: Bench } = $props();
	const model = $derived(bench.drawn.estimate.model);
	const mat = $derived(model.mat);
	const technique = $derived(bench.drawn.plan.technique);
	const bagsPerBall = $derived((bench.drawn.plan.work ?? usualWorkSetup).bagsPerBall);
	const strand = (mm: number) => strandWords(mm, bench.system);
	const mass = (g: number) => massWords(g, bench.system);
	const fine = (mm: number) => fineWords(mm, bench.system);
	const perBagMm = $derived(ballStrandMm(bench.drawn.plan, model) / bagsPerBall);
	const massFactor = $derived(pointFor(bench.drawn.plan, bench.practice).factors.bagMass);
	const small = (mm: number) => bench.readable(mm, 'small');
	const making = $derived(
		{
			crochet: 'The rows',
			'peg-loom': 'The loom',
			twined: 'The frame',
			'finger-bands': 'The bands'
		}[mat.kind]
	);
	const views = $derived<readonly { view: DetailView; label: string }[]>([
		{ view: 'bag', label: 'The bag' },
		{ view: 'strand', label: 'The strand' },
		{ view: 'making', label: making },
		{ view: 'reckoning', label: 'How it is reached' }
	]);
	const isTwoCuts = $derived(technique.kind === 'peg-loom' && model.weftYield !== null);
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-3 border-t border-base-300 pt-3">
	<div class="no-print flex flex-wrap gap-1" role="group" aria-label="What to look at">
		{#each views as { view, label } (view)}
			<button
				type="button"
				class="btn btn-ghost px-3 font-normal aria-pressed:bg-neutral aria-pressed:text-neutral-content"
				aria-pressed={bench.detail === view}
				onclick={() => (bench.detail = view)}>{label}</button
			>
		{/each}
	</div>

	{#if bench.detail === 'bag'}
		<div class="grid items-center gap-4 @min-[38rem]:grid-cols-[minmax(0,19rem)_1fr]">
			<BagDrawing
				sketch={sketchBag(bench.drawn.plan.bag, bench.drawn.plan.cut)}
				isSpiral={bench.drawn.plan.cut.style === 'spiral'}
				folds={foldsOf(bench.drawn.plan.cut)}
				readable={small}
			/>
			{#if isTwoCuts && technique.kind === 'peg-loom'}
				<div>
					<p class="text-[0.9375rem] font-semibold">The weft is cut from others like it</p>
					<BagDrawing
						sketch={sketchBag(bench.drawn.plan.bag, technique.weftCut)}
						isSpiral={technique.weftCut.style === 'spiral'}
						folds={foldsOf(technique.weftCut)}
						readable={small}
					/>
				</div>
			{:else}
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
			{/if}
		</div>
	{:else if bench.detail === 'strand'}
		<StrandDrawing
			cut={model.yield}
			hookMm={technique.kind === 'crochet' ? technique.hookMm : null}
			label={isTwoCuts ? 'The warp' : 'The strand'}
		/>
		{#if isTwoCuts && model.weftYield}
			<StrandDrawing cut={model.weftYield} hookMm={null} label="The weft" />
		{/if}
		<p class="quiet text-[0.9375rem]">
			Drawn at true scale where the screen tells its size honestly; the printed cutting sheet always
			is. Slack in the hand, it looks half as thick again.
		</p>
	{:else if bench.detail === 'making'}
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
			<Zoomable label="the loom">
				<PegLoomDrawing {mat} {technique} readable={small} />
			</Zoomable>
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
			<Zoomable label="the frame"
				><TwinedDrawing {mat} readable={(mm) => bench.readable(mm, 'mat')} /></Zoomable
			>
			<p class="quiet text-[0.9375rem]">
				{mat.panel.nails} nails at each end, {formatSpacing(mat.panel.spacingMm, bench.system)} apart,
				{mat.panel.rows} rows{mat.panels.count > 1
					? `, in each of ${mat.panels.count} panels`
					: ''}; {strand(mat.warpMm)} of warp in all{mat.clothM > 0
					? ` from ${strand(mat.clothM * 1000)} of cloth`
					: ''}. Eyes or clips hold the rods; bare nails let them pop out.
			</p>
		{:else if mat.kind === 'finger-bands'}
			<BandsDrawing {mat} readable={small} />
		{/if}
	{:else}
		{#await import('./Reckoning.svelte') then { default: Reckoning }}
			<Reckoning {bench} />
		{/await}
	{/if}
</div>
