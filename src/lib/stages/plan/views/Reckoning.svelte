<script lang="ts">
	import { Reckoning as say } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { explainFigure } from '$lib/core/explain/explain-plan';
	import { pointFor } from '$lib/core/model/known-for';
	import { untrack } from 'svelte';
	import type { Attachment } from 'svelte/attachments';
	import { basisWords } from '$lib/ui/basis-words';
	import { tallyWords } from '$lib/stages/plan/words/tally-words';
	import {
		nameWords,
		reachedWords,
		relationWords,
		valueWords
	} from '$lib/stages/plan/words/step-words';

	const { bench }: { bench: Bench } = $props();
	/** A figure that was tapped sends its reader here. */
	const whenAsked: Attachment<HTMLElement> = (heading) => {
		if (bench.asked === 0) return;
		untrack(() => heading.focus());
	};
	const steps = $derived(
		explainFigure(bench.drawn.plan, bench.figure, pointFor(bench.drawn.plan, bench.practice))
	);
	const given = $derived(
		steps.filter(({ relation, symbol }) => relation === null && symbol !== 'π')
	);
	const reached = $derived(steps.filter(({ relation }) => relation !== null));
</script>

<div class="grid gap-3">
	<h2 id="reckoning" tabindex="-1" {@attach whenAsked}>
		{say.howIsReached({ label: tallyWords[bench.figure].label })}
	</h2>
	<p class="quiet text-[0.9375rem]">
		{say.from({
			given: given.map((step) => `${nameWords(step)} ${valueWords(step, bench.system)}`).join(', ')
		})}
	</p>
	<div class="overflow-x-auto">
		<table class="w-full text-[0.9375rem]">
			<thead class="sr-only">
				<tr><th>{say.step()}</th><th>{say.how()}</th><th>{say.result()}</th></tr>
			</thead>
			<tbody>
				{#each reached as step (step.symbol)}
					<tr class="border-t border-base-300 align-baseline">
						<th class="py-1 pr-3 text-left font-normal" scope="row">
							{nameWords(step)}
							<span class="quiet">({step.symbol.replaceAll('_', ' ')})</span>
						</th>
						<td class="quiet py-1 pr-3">{relationWords(step.relation ?? '')}</td>
						<td class="figure py-1 text-right font-semibold whitespace-nowrap"
							>{reachedWords(step, bench.figure, bench.system)}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	<p class="quiet text-[0.9375rem]">
		{say.theIntervalHoldsTheFigure({ basis: basisWords(bench.drawn.estimate.basis) })}
	</p>
</div>
