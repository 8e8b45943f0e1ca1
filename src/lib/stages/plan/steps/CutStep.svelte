<script lang="ts">
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { cuttingStack } from '$lib/core/cut/stack';
	import { usualWorkSetup } from '$lib/core/model/types';
	import { massWords, strandWords } from '$lib/ui/unit-words';
	import { actsOfCut } from '$lib/stages/know-how/links/lessons-at';
	import ActLinks from '$lib/stages/know-how/links/ActLinks.svelte';
	import Caution from '$lib/ui/Caution.svelte';
	import Term from '$lib/ui/Term.svelte';
	import ChoiceRow from '../parts/ChoiceRow.svelte';
	import Step from '../parts/Step.svelte';
	import CutFields from './CutFields.svelte';

	const { bench }: { bench: Bench } = $props();
	const cut = $derived(bench.drawn.estimate.model.yield);
	const stack = $derived(
		cuttingStack(
			bench.drawn.plan.bag,
			bench.drawn.plan.cut,
			(bench.drawn.plan.work ?? usualWorkSetup).cuttingTool
		)
	);
	const isLoom = $derived(bench.drawn.plan.technique.kind === 'peg-loom');
	const mm = (length: number) => bench.readable(length, 'small');
</script>

<Step {bench} step="cut" title="Cut">
	<CutFields
		{bench}
		prefix=""
		cut={bench.drawn.plan.cut}
		laid={cut}
		legend={isLoom ? 'The warp is cut into' : 'Cut into'}
	/>
	<dl class="grid grid-cols-[1fr_auto] gap-x-4 gap-y-1 text-[0.9375rem]">
		<dt><Term term="strand">Strand</Term> a bag</dt>
		<dd class="figure font-semibold">{strandWords(cut.strandPerBagMm, bench.system)}</dd>
		<dt>Left over above the last strip</dt>
		<dd class="figure font-semibold">{mm(cut.offcutMm)}</dd>
		<dt>Scrap a bag, for pillows</dt>
		<dd class="figure font-semibold">
			{massWords(bench.drawn.plan.bag.massG - cut.filmUsedG, bench.system)}
		</dd>
		{#if cut.style === 'loops' || cut.style === 'whole-tube'}
			<dt>Layers under the blade, {stack.bags} bags</dt>
			<dd class="figure font-semibold">
				{stack.layers}{stack.layersAtGusset === stack.layers
					? ''
					: `, ${stack.layersAtGusset} at the gusset`}
			</dd>
		{/if}
	</dl>
	<ChoiceRow
		{bench}
		field="cutting_tool"
		legend="Cut with"
		choices={[
			{ value: 'scissors', label: 'Scissors', note: 'stacks of 3' },
			{ value: 'rolling-blade', label: 'Rolling blade', note: 'stacks of 20' }
		]}
	/>
	<Caution>
		{#if bench.fields.cutting_tool === 'rolling-blade'}
			Rolling blades are for trained adults: cut away from the body, wear gloves, close the blade
			when it is put down. Children and unsteady hands take another seat.
		{:else}
			Children and unsteady hands get blunt scissors or another seat. Your own hall's rules come
			first.
		{/if}
	</Caution>
	<ActLinks acts={actsOfCut[cut.style]} />
</Step>
