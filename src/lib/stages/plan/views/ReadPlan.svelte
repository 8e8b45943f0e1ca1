<script lang="ts">
	// One plan to read: its steps, what it takes, and the mat as it will lie.
	import { ReadPlan as say } from '$lib/words/plan';
	import { estimatePlan, tallyNames } from '$lib/core/estimate/estimate';
	import type { Plan } from '$lib/core/model/types';
	import type { Practice } from '$lib/core/practice/practice';
	import { basisWords } from '$lib/ui/basis-words';
	import { yearDayWords } from '$lib/ui/day-words';
	import type { Reader } from '$lib/ui/reader';
	import Measured from '$lib/ui/Measured.svelte';
	import SceneView from '$lib/ui/SceneView.svelte';
	import { drawMat } from '../drawing/drawings';
	import { judgementWords } from '../words/judgement-words';
	import { stepLines, stepNames } from '../words/step-lines';
	import { intervalWords, tallyUnit, tallyValue, tallyWords } from '../words/tally-words';

	interface Props {
		name: string;
		keptAt: Date;
		plan: Plan;
		practice: Practice;
		reader: Reader;
	}
	const { name, keptAt, plan, practice, reader }: Props = $props();
	const estimate = $derived(estimatePlan(plan, practice));
	const system = $derived(reader.lengthSystem);
	const lines = $derived(stepLines(plan, estimate, system, reader.stitchTerms));
</script>

<main
	id="main"
	class="@container mx-auto grid w-full max-w-4xl grid-cols-[minmax(0,1fr)] gap-4 px-5 py-6 max-sm:px-4"
>
	<div>
		<p class="quiet">{reader.name}</p>
		<h1>{name}</h1>
		<p class="quiet">
			{say.aPlanToReadAs({ yearDay: yearDayWords(keptAt), basis: basisWords(estimate.basis) })}
		</p>
	</div>
	<div class="sheet p-4">
		<Measured usual={800}>
			{#snippet children({ width, type })}
				<SceneView
					{...drawMat(plan, estimate, system, { width, type, tallest: 300 })}
					{type}
					class="block"
				/>
			{/snippet}
		</Measured>
	</div>
	<section class="sheet p-4" aria-labelledby="takes">
		<h2 id="takes">{say.whatItTakes()}</h2>
		<dl class="mt-2 grid grid-cols-2 gap-x-6 gap-y-2 @min-[45rem]:grid-cols-3">
			{#each tallyNames as part (part)}
				<div data-tally={part}>
					<dt class="quiet text-[0.9375rem]">{tallyWords[part].label}</dt>
					<dd class="figure text-xl font-semibold">
						{tallyValue(estimate.tally, part, system)}
						{tallyUnit(part, system).unit}
						<span class="quiet block text-sm font-normal"
							>{intervalWords(estimate.tally[part], part, system)}</span
						>
					</dd>
				</div>
			{/each}
		</dl>
	</section>
	<section class="sheet p-4" aria-labelledby="made-how">
		<h2 id="made-how">{say.howItIsMade()}</h2>
		<dl class="mt-2 grid gap-2">
			{#each stepNames as step (step)}
				<div class="grid gap-x-4 @min-[38rem]:grid-cols-[8rem_1fr]">
					<dt class="quiet capitalize">{step}</dt>
					<dd>{lines[step]}</dd>
				</div>
			{/each}
		</dl>
		<ul class="mt-3 grid gap-2">
			{#each estimate.judgements as judgement, nth (nth)}
				{@const { call, why, act } = judgementWords(judgement, system, plan.technique.kind)}
				<li><strong>{call}.</strong> {why} {act ?? ''}</li>
			{/each}
		</ul>
	</section>
</main>
