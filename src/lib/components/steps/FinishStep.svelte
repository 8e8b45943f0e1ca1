<script lang="ts">
	import type { Bench } from '$lib/bench/bench.svelte';
	import { figure } from '$lib/plan/number-words';
	import Caution from '../Caution.svelte';
	import ChoiceRow from '../ChoiceRow.svelte';
	import Step from '../Step.svelte';
	import TextField from '../TextField.svelte';

	const { bench }: { bench: Bench } = $props();
	const ties = $derived(bench.plan.finish?.ties ?? 'chain');
	const line = $derived(
		ties === 'none'
			? 'no ties'
			: `two ${ties === 'chain' ? 'chained' : 'braided'} ties${bench.plan.finish?.hasStrap ? ', carry strap' : ''}`
	);
</script>

<Step {bench} number={5} title="Finish" {line} fields={['ties', 'strap', 'bags_per_ball']}>
	<ChoiceRow
		legend="Ties"
		name="ties"
		bind:value={bench.fields.ties}
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
			onchange={(event) => (bench.fields.strap = event.currentTarget.checked ? 'yes' : '')}
		/>
		Carrying strap, worn over the shoulder
	</label>
	<p class="quiet text-[15px]">
		They take {figure(bench.estimate.model.tieStrandMm / 1000)} m of strand.
	</p>
	<TextField {bench} field="bags_per_ball" label="Bags in a ball" />
	<Caution>
		Never offer a mat for an infant to sleep on, and keep it away from heaters, stoves and candles:
		film burns and drips. The receiving place's own rules come first; ask the people responsible.
	</Caution>
</Step>
