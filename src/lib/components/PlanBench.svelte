<script lang="ts">
	import { enhance } from '$app/forms';
	import { Bench } from '$lib/bench/bench.svelte';
	import { sketchBag } from '$lib/core/bag/sketch-bag';
	import { usualSleeperHeightMm } from '$lib/core/plan/types';
	import type { Fields } from '$lib/plan/fields';
	import { figure, wholeNumber } from '$lib/plan/number-words';
	import type { Group } from '$lib/server/db/groups';
	import { untrack, type Snippet } from 'svelte';
	import Caution from './Caution.svelte';
	import CoverGauge from './CoverGauge.svelte';
	import BagDrawing from './drawing/BagDrawing.svelte';
	import MatDrawing from './drawing/MatDrawing.svelte';
	import Judgements from './Judgements.svelte';
	import BagStep from './steps/BagStep.svelte';
	import CutStep from './steps/CutStep.svelte';
	import FinishStep from './steps/FinishStep.svelte';
	import SizeStep from './steps/SizeStep.svelte';
	import TechniqueStep from './steps/TechniqueStep.svelte';
	import TallyBar from './TallyBar.svelte';

	interface Props {
		heading: string;
		group: Group;
		/** What the page came with: a kept plan, a new one, or what was typed before it was refused. */
		initial: { fields: Fields; name: string };
		version?: number;
		key: string;
		/** Sentences from the server: at the name, and for the page as a whole. */
		nameProblem?: string | undefined;
		message?: string | undefined;
		keptAs?: number | null | undefined;
		/** What stands in the way of keeping, with the choices there are. */
		notice?: Snippet;
		links?: Snippet;
	}
	const {
		heading,
		group,
		initial,
		version = 1,
		key,
		nameProblem,
		message,
		keptAs,
		notice,
		links
	}: Props = $props();

	const bench = untrack(() => new Bench(initial.fields, group.lengthSystem, group.stitchTerms));
	let name = $state(untrack(() => initial.name));
	let isKeeping = $state(false);

	$effect(() => {
		bench.useSystem(group.lengthSystem);
		bench.terms = group.stitchTerms;
	});

	const model = $derived(bench.estimate.model);
	const sketch = $derived(sketchBag(bench.plan.bag, bench.plan.cut));
	const bagsPerBall = $derived(bench.plan.work?.bagsPerBall ?? 20);
	const rowsABall = $derived((bagsPerBall * model.yield.strandPerBagMm) / model.mat.strandPerRowMm);
</script>

<form
	class="flex flex-1 flex-col"
	method="POST"
	action="?/keep"
	use:enhance={() => {
		isKeeping = true;
		return async ({ update }) => {
			await update({ reset: false });
			isKeeping = false;
		};
	}}
>
	<input type="hidden" name="lengths" value={bench.system} />
	<input type="hidden" name="version" value={version} />
	<input type="hidden" name="key" value={key} />

	<main id="main" class="flex-1 px-5 pt-3 pb-6 max-sm:px-4">
		<h1 class="sr-only">{heading}</h1>
		{#if message}
			<p
				class="mb-3 rounded-lg border-2 border-error bg-base-100 px-4 py-3 font-semibold"
				role="alert"
			>
				{message}
			</p>
		{/if}
		{@render notice?.()}

		<div
			class="grid items-start gap-4 lg:grid-cols-[minmax(0,23rem)_minmax(0,1fr)] xl:grid-cols-[minmax(0,23rem)_minmax(0,1fr)_15rem]"
		>
			<div class="sheet overflow-hidden lg:row-span-2 xl:row-span-1">
				<SizeStep {bench} />
				<BagStep {bench} />
				<CutStep {bench} />
				<TechniqueStep {bench} />
				<FinishStep {bench} />
			</div>

			<section class="sheet grid gap-3 p-4" aria-label="The mat">
				<div class="flex flex-wrap items-start gap-x-4 gap-y-2">
					<div class="min-w-0 flex-1 basis-60">
						<label class="sr-only" for="name">Name of the plan</label>
						<input
							class="field figure text-xl font-bold"
							id="name"
							name="name"
							bind:value={name}
							placeholder="Name this plan to keep it"
							autocomplete="off"
							aria-invalid={nameProblem ? 'true' : undefined}
							aria-describedby={nameProblem ? 'name-problem' : undefined}
						/>
						{#if nameProblem}
							<p class="mt-1 text-[15px] font-semibold text-error" id="name-problem">
								{nameProblem}
							</p>
						{/if}
					</div>
					<p class="quiet flex min-h-11 items-center gap-4 text-[15px]">
						{#if keptAs}<span role="status" class="font-semibold text-secondary"
								>Kept, version {keptAs}</span
							>{/if}
						{@render links?.()}
					</p>
				</div>
				<MatDrawing
					mat={model.mat}
					isLengthwise={bench.plan.technique.direction === 'lengthwise'}
					sleeperHeightMm={bench.plan.sleeperHeightMm ?? usualSleeperHeightMm}
					readable={(mm) => bench.readable(mm, 'mat')}
				/>
				<div
					class="grid items-center gap-4 border-t border-base-300 pt-3 sm:grid-cols-[minmax(0,19rem)_1fr]"
				>
					<BagDrawing {sketch} readable={(mm) => bench.readable(mm, 'small')} />
					<dl class="grid grid-cols-[1fr_auto] gap-x-4 gap-y-2 text-[15px]">
						<dt>Rings a bag</dt>
						<dd class="figure text-right font-semibold">{model.yield.pieces}</dd>
						<dt>Strand a bag</dt>
						<dd class="figure text-right font-semibold">
							{figure(model.yield.strandPerBagMm / 1000)} m
						</dd>
						<dt>Strand, as thick as</dt>
						<dd class="figure text-right font-semibold">{figure(model.yield.bulkDiameterMm)} mm</dd>
						<dt>A ball of {bagsPerBall} bags makes</dt>
						<dd class="figure text-right font-semibold">{figure(rowsABall)} rows</dd>
						<dt>Strand in the mat</dt>
						<dd class="figure text-right font-semibold">
							{wholeNumber(model.mat.strandMm / 1000)} m
						</dd>
						<dt>Scrap from all the bags</dt>
						<dd class="figure text-right font-semibold">{figure(model.mass.scrapG / 1000)} kg</dd>
					</dl>
				</div>
			</section>

			<section
				class="sheet grid gap-4 p-4 lg:col-start-2 xl:col-start-auto"
				aria-labelledby="judged"
			>
				<h2 id="judged">Fingertip test</h2>
				<CoverGauge cover={bench.estimate.tally.cover} />
				<Judgements judgements={bench.estimate.judgements} system={bench.system} />
				<Caution>
					A mat is a barrier against cold, wet ground; it is not a medical, rescue or fire-rated
					product.
				</Caution>
			</section>
		</div>
	</main>

	<TallyBar tally={bench.estimate.tally} {model} isCurrent={bench.isCurrent}>
		<div class="no-print flex items-center gap-3 max-sm:w-full">
			<noscript>
				<button class="btn" formaction="?/work">Work it out</button>
			</noscript>
			<button class="btn btn-accent max-sm:flex-1" aria-busy={isKeeping}>Keep this plan</button>
		</div>
	</TallyBar>
</form>
