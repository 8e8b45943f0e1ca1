<script lang="ts">
	import { SchoolsView as say } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { sampleScales } from '$lib/core/drawing/sample-scene';
	import { drawSample, methodSampleOf } from '$lib/stages/plan/drawing/making-drawings';
	import { schoolsFor } from '$lib/stages/plan/fields/schools';
	import type { School } from '$lib/stages/plan/fields/schools/ways';
	import { linkTo } from '$lib/ui/offered';
	import SceneView from '$lib/ui/SceneView.svelte';

	const { bench }: { bench: Bench } = $props();
	const questions = $derived(schoolsFor(bench.plan, bench.system, bench.practice));
	const isTaken = (changes: Record<string, string | undefined>) =>
		Object.entries(changes).every(([field, value]) => bench.fields[field as 'style'] === value);
	const [width, height] = [190, 50];
	const samplesOf = (schools: readonly School[]) =>
		schools.map(({ made }) => (made ? methodSampleOf(made.plan, made.model) : null));
	/** Every question has scales of its own: its schools are drawn beside each other. */
	const scalesOf = (schools: readonly School[]) =>
		sampleScales(
			samplesOf(schools).filter((sample) => sample !== null),
			width,
			height
		);
</script>

<div class="grid gap-6">
	<div>
		<h2>{say.whereMakersDiffer()}</h2>
		<p class="quiet text-[0.9375rem]">
			{say.everyWayHereIsSomebodys()}
		</p>
		<p><a class="link-row" {...linkTo('/plan/ways')}>{say.otherWays()}</a></p>
	</div>
	{#each questions as { question, note, schools } (question)}
		{@const samples = samplesOf(schools)}
		{@const scales = scalesOf(schools)}
		<section class="grid gap-2 border-t border-base-300 pt-3">
			<h3 class="text-lg font-semibold">{question}</h3>
			<p class="text-[0.9375rem]">{note}</p>
			<ul class="grid gap-x-6 @min-[76rem]:grid-cols-2">
				{#each schools as { label, changes, figures }, nth (label)}
					{@const sample = samples[nth]}
					<li
						class="flex min-h-11 flex-wrap items-center gap-x-3 border-t border-base-300 py-1 text-[0.9375rem]"
					>
						{#if sample}<SceneView
								{...drawSample(sample, scales, width, height, bench.system)}
								class="shrink-0"
							/>{/if}
						<span class="w-36 font-semibold">{label}</span>
						<span class="figure quiet min-w-0 flex-1 basis-40"
							>{figures ? figures.join(' · ') : say.notFromThisBag()}</span
						>
						{#if figures && changes}
							<button
								type="button"
								class="btn px-3 aria-pressed:bg-neutral aria-pressed:text-neutral-content"
								aria-pressed={isTaken(changes)}
								aria-label="{isTaken(changes) ? say.inUse() : say.useThis()}: {question}, {label}"
								onclick={() => bench.choose(changes)}
								>{isTaken(changes) ? say.inUse() : say.useThis()}</button
							>
						{/if}
					</li>
				{/each}
			</ul>
		</section>
	{/each}
</div>
