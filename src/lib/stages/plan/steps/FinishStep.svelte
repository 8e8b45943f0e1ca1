<script lang="ts">
	import { FinishStep as say } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { pillowsFrom } from '$lib/core/finish/pillow';
	import { rollMat } from '$lib/core/finish/roll';
	import { massWords, strandWords } from '$lib/ui/unit-words';
	import ActLinks from '$lib/stages/know-how/links/ActLinks.svelte';
	import Caution from '$lib/ui/Caution.svelte';
	import ChoiceRow from '../parts/ChoiceRow.svelte';
	import Step from '../parts/Step.svelte';

	const { bench }: { bench: Bench } = $props();
	const model = $derived(bench.drawn.estimate.model);
	const roll = $derived(rollMat(model.mat));
	const pillows = $derived(pillowsFrom(model.mass.scrapG + model.mass.spoiledG));
</script>

<Step {bench} step="finish" title={say.finish()}>
	<ChoiceRow
		{bench}
		field="ties"
		legend={say.ties()}
		choices={[
			{ value: 'chain', label: say.chained() },
			{ value: 'braid', label: say.braided() },
			{ value: 'none', label: say.none() }
		]}
	/>
	<label class="flex min-h-11 items-center gap-3">
		<input
			class="checkbox"
			type="checkbox"
			name="strap"
			value="yes"
			disabled={bench.fields.ties === 'none'}
			checked={bench.fields.strap === 'yes'}
			onchange={(event) => bench.choose({ strap: event.currentTarget.checked ? 'yes' : '' })}
		/>
		{say.carryingStrapWornOverThe()}
	</label>
	<dl class="grid grid-cols-[1fr_auto] gap-x-4 gap-y-1 text-[0.9375rem]">
		<dt>{say.tiesAndStrapTake()}</dt>
		<dd class="figure font-semibold">{strandWords(model.tieStrandMm, bench.system)}</dd>
		<dt>{say.foldedAndRolled()}</dt>
		<dd class="figure font-semibold">
			{say.acrossLong({
				readable: bench.readable(roll.diameterMm, 'bag'),
				readable2: bench.readable(roll.lengthMm, 'bag')
			})}
		</dd>
		<dt>{say.scrapAndSpoiledStuff()}</dt>
		<dd class="figure font-semibold">
			{say.pillowsPluralOneOtherOver({
				pillows: pillows.pillows,
				mass: massWords(pillows.leftG, bench.system)
			})}
		</dd>
	</dl>
	<Caution>
		{say.neverLetAnInfantSleep()}
	</Caution>
	<ActLinks acts={['ties', 'strap', 'roll', 'pillow']} />
</Step>
