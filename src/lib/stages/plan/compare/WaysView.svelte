<script lang="ts">
	// The few ways worth thinking about, each drawn in small at one scale, in the order of what is short.
	import { WaysView as say } from '$lib/words/plan';
	import { sampleScales } from '$lib/core/drawing/sample-scene';
	import type { ComparedMethod } from '$lib/core/compare/compare-all';
	import type { Merit, Shortage, WorthThinking } from '$lib/core/compare/worth-thinking';
	import { pointFor } from '$lib/core/model/known-for';
	import { modelPlan } from '$lib/core/model/model';
	import { coverGrade, coverGrades } from '$lib/core/techniques/cover-grade';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { drawSample, methodSampleOf } from '$lib/stages/plan/drawing/making-drawings';
	import { methodWords } from '$lib/stages/plan/words/method-words';
	import { figure, wholeNumber } from '$lib/ui/number-words';
	import SceneView from '$lib/ui/SceneView.svelte';

	interface Props {
		bench: Bench;
		ways: readonly WorthThinking<ComparedMethod>[];
		shortage: Shortage;
		ontake: (method: ComparedMethod) => void;
	}
	let { bench, ways, shortage = $bindable(), ontake }: Props = $props();
	const shortages: readonly { value: Shortage; label: string }[] = [
		{ value: 'bags', label: say.bags() },
		{ value: 'hands', label: say.hands() },
		{ value: 'time', label: say.time() }
	];
	const merits: Readonly<Record<Merit, string>> = {
		between: say.aMiddleWay(),
		'fewest-bags': say.fewestBags(),
		'fewest-hours': say.fewestHours(),
		closest: 'closest'
	};
	const seats = ['', say.onePersonAtATime(), say.twoAtOnce(), '', say.upToFourAtOnce()];
	const [width, height] = [230, 58];
	const drawn = $derived(
		ways.map((way) => {
			const { cut, technique, cover } = way.method;
			const plan = {
				...bench.plan,
				cut,
				technique,
				join: cut.style === bench.plan.cut.style ? bench.plan.join : undefined
			};
			const sample = methodSampleOf(plan, modelPlan(plan, pointFor(plan, bench.practice)));
			const grade = coverGrade(technique.kind, cover * coverGrades[technique.kind].close);
			return { ...way, sample, grade, words: methodWords(way.method, bench.system, bench.terms) };
		})
	);
	const scales = $derived(
		sampleScales(
			drawn.map(({ sample }) => sample),
			width,
			height
		)
	);
	const isHere = ({ cut, technique }: ComparedMethod) =>
		JSON.stringify([cut, technique]) === JSON.stringify([bench.plan.cut, bench.plan.technique]);
	const graded = {
		close: say.close(),
		fair: say.fair(),
		gaps: say.gaps()
	} as const;
</script>

<fieldset class="flex flex-wrap items-center gap-2">
	<legend class="float-left me-3 py-2.5 font-semibold">{say.whatIsShortWithYou()}</legend>
	{#each shortages as { value, label } (value)}
		<button
			type="button"
			class="btn aria-pressed:bg-neutral aria-pressed:text-neutral-content"
			aria-pressed={shortage === value}
			onclick={() => (shortage = value)}>{label}</button
		>
	{/each}
</fieldset>
<ol class="grid gap-3 @min-[45rem]:grid-cols-2" aria-label={say.waysWorthConsidering()}>
	{#each drawn as { method, merits: own, seats: at, sample, grade, words } (`${words.made} ${words.cut}`)}
		<li class="grid content-start gap-1 rounded-lg border border-base-300 p-3" data-way>
			<SceneView {...drawSample(sample, scales, width, height, bench.system)} />
			<p class="figure leading-snug font-semibold">{words.made}</p>
			<p class="quiet text-[0.9375rem] leading-snug">{words.cut}</p>
			<p class="figure">
				{say.bagsH({
					ceil: wholeNumber(Math.ceil(method.bags)),
					hours: figure(method.hours),
					graded: graded[grade]
				})}
			</p>
			<div class="flex flex-wrap items-center justify-between gap-2">
				<p class="text-[0.9375rem]">
					<strong>{own.map((merit) => merits[merit]).join(', ')}</strong>{seats[at]
						? `; ${seats[at]}`
						: ''}
				</p>
				<button
					type="button"
					class="btn px-3"
					disabled={isHere(method)}
					aria-label={say.use({ made: words.made, cut: words.cut })}
					onclick={() => ontake(method)}>{isHere(method) ? say.inUse() : say.useThis()}</button
				>
			</div>
		</li>
	{/each}
</ol>
<p class="quiet text-[0.9375rem]">
	{say.drawnAtOneScaleThe()}
</p>
