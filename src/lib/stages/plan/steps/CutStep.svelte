<script lang="ts">
	import { varyingAs } from '$lib/core/estimate/estimate';
	import { CutStep as say } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { cuttingStack } from '$lib/core/cut/stack';
	import { usualWorkSetup } from '$lib/core/model/types';
	import { massWords, strandWords } from '$lib/ui/unit-words';
	import { actsOfCut } from '$lib/stages/know-how/links/lessons-at';
	import ActLinks from '$lib/stages/know-how/links/ActLinks.svelte';
	import Caution from '$lib/ui/Caution.svelte';
	import Term from '$lib/ui/Term.svelte';
	import ChoiceRow from '../parts/ChoiceRow.svelte';
	import { trimmed } from '$lib/core/units/format-length';
	import Ranged from '../parts/Ranged.svelte';
	import TextField from '../parts/TextField.svelte';
	import CutFields from './CutFields.svelte';

	const { bench }: { bench: Bench } = $props();
	const cut = $derived(bench.drawn.estimate.model.yield);
	const stack = $derived.by(() => {
		const { bag, cut: planned, work = usualWorkSetup } = bench.drawn.plan;
		const { cuttingTool, stackBags, stackFolds } = work;
		return cuttingStack(bag, planned, cuttingTool, stackBags, stackFolds);
	});
	/** What a bag gives by the measures; of a loom's warp as its weft is measured. */
	const perBag = $derived.by(() => {
		const { parts, model } = bench.drawn.estimate;
		const times = model.weftYield ? cut.strandPerBagMm / model.weftYield.strandPerBagMm : 1;
		return varyingAs(parts.strandPerBagM, parts.strandPerBagM.expected * times);
	});
	const isLoom = $derived(bench.drawn.plan.technique.kind === 'peg-loom');
	const mm = (length: number) => bench.readable(length, 'small');
</script>

<CutFields
	{bench}
	prefix=""
	cut={bench.drawn.plan.cut}
	laid={cut}
	legend={isLoom ? say.theWarpIsCutInto() : say.cutInto()}
/>
<p class="needs-scripts">
	<a
		class="inline-flex min-h-11 link items-center"
		href="/photo?of=strips"
		onclick={({ currentTarget }) => (currentTarget.search = `?of=strips&from=${location.pathname}`)}
		>{say.fromAPhoto()}</a
	>
</p>
<dl class="grid grid-cols-[1fr_auto] gap-x-4 gap-y-1 text-[0.9375rem]">
	<dt><Term term="strand">{say.yarn()}</Term> {say.aBag()}</dt>
	<Ranged of={perBag} words={(m) => strandWords(m * 1000, bench.system)} />
	<dt>{say.leftOverAboveTheLast()}</dt>
	<dd class="figure font-semibold">{mm(cut.offcutMm)}</dd>
	<dt>{say.scrapABagForPillows()}</dt>
	<dd class="figure font-semibold">
		{massWords(bench.drawn.plan.bag.massG - cut.filmUsedG, bench.system)}
	</dd>
	{#if cut.style === 'loops' || cut.style === 'whole-tube'}
		<dt>{say.layersUnderTheBladeBags({ bags: stack.bags })}</dt>
		<dd class="figure font-semibold">
			{stack.layers}{stack.layersAtGusset === stack.layers
				? ''
				: say.atTheGusset({ layersAtGusset: stack.layersAtGusset })}
		</dd>
	{/if}
</dl>
<ChoiceRow
	{bench}
	field="cutting_tool"
	legend={say.cutWith()}
	choices={[
		{ value: 'scissors', label: say.scissors(), note: say.stacksOf3() },
		{ value: 'rolling-blade', label: say.rollingBlade(), note: say.stacksOf20() }
	]}
/>
<div class="grid grid-cols-2 gap-3">
	<TextField
		{bench}
		field="stack_bags"
		label={say.bagsInAStack()}
		hint={say.asUsual({ bags: stack.bags })}
	/>
	<TextField
		{bench}
		field="stack_folds"
		label={say.folds()}
		hint={say.filmUnderIt({
			film: trimmed(stack.filmMm, 1),
			limit: trimmed(stack.limitMm, 1),
			most: stack.bagsWithinLimit
		})}
	/>
</div>
<Caution>
	{#if bench.fields.cutting_tool === 'rolling-blade'}
		{say.rollingBladesAreForTrained()}
	{:else}
		{say.childrenAndUnsteadyHandsGet()}
	{/if}
</Caution>
<ActLinks acts={actsOfCut[cut.style]} />
