<script lang="ts">
	// What is judged of the plan as it is drawn: how close it is, the calls, and what the figures rest on.
	import { FingertipTest as say } from '$lib/words/plan';
	import Caution from '$lib/ui/Caution.svelte';
	import Term from '$lib/ui/Term.svelte';
	import { basisWords, unfitWords } from '$lib/ui/basis-words';
	import type { Bench } from '../bench/bench.svelte';
	import CoverGauge from '../parts/CoverGauge.svelte';
	import CallList from './CallList.svelte';

	const { bench, isHidden }: { bench: Bench; isHidden: boolean } = $props();
</script>

<section
	class="sheet grid gap-3 p-4 @min-[61rem]:col-start-2 @min-[76rem]:col-start-auto"
	hidden={isHidden}
	aria-labelledby="judged"
>
	<h2 id="judged">{say.fingertipTest()}</h2>
	<CoverGauge cover={bench.drawn.estimate.tally.cover} kind={bench.drawn.plan.technique.kind} />
	<CallList {bench} />
	<p class="text-[0.9375rem]">
		{say.whatIs()}
		<Term term="cover">{say.closeness()}</Term>{say.theSmallFiguresHold()}
		<Term term="interval">{say.range()}</Term>.
	</p>
	<p class="text-[0.9375rem]" data-basis>
		{#if bench.drawn.estimate.isUnfit}<strong>{unfitWords}</strong>{/if}
		{say.figures({ basis: basisWords(bench.drawn.estimate.basis) })}
		<a class="underline" href="/measures"
			>{bench.practice.basis.of === 'craft' ? say.measureASwatch() : say.seeTheMeasures()}</a
		>
	</p>
	<Caution>
		{say.aMatIsABarrier()}
	</Caution>
</section>
