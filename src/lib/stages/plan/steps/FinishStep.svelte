<script lang="ts">
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

<Step {bench} step="finish" title="Finish">
	<ChoiceRow
		{bench}
		field="ties"
		legend="Ties"
		choices={[
			{ value: 'chain', label: 'Chained' },
			{ value: 'braid', label: 'Braided' },
			{ value: 'none', label: 'None' }
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
		Carrying strap, worn over the shoulder
	</label>
	<dl class="grid grid-cols-[1fr_auto] gap-x-4 gap-y-1 text-[0.9375rem]">
		<dt>Ties and strap take</dt>
		<dd class="figure font-semibold">{strandWords(model.tieStrandMm, bench.system)}</dd>
		<dt>Folded and rolled</dt>
		<dd class="figure font-semibold">
			{bench.readable(roll.diameterMm, 'bag')} across, {bench.readable(roll.lengthMm, 'bag')} long
		</dd>
		<dt>Scrap and spoiled stuff</dt>
		<dd class="figure font-semibold">
			{pillows.pillows}
			{pillows.pillows === 1 ? 'pillow' : 'pillows'}, {massWords(pillows.leftG, bench.system)} over
		</dd>
	</dl>
	<Caution>
		Never offer a mat or a pillow for an infant to sleep on, and keep them away from heaters, stoves
		and candles: film burns and drips. The receiving place's own rules come first; ask the people
		responsible.
	</Caution>
	<ActLinks acts={['ties', 'strap', 'roll', 'pillow']} />
</Step>
