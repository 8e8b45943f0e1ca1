<script lang="ts">
	import type { Bench } from '$lib/bench/bench.svelte';
	import { hooks, suitableHookMm } from '$lib/core/crochet/hooks';
	import { trimmed } from '$lib/core/units/format-length';
	import { figure, wholeNumber } from '$lib/plan/number-words';
	import { hookName, stitchName } from '$lib/plan/stitch-words';
	import ChoiceRow from '../ChoiceRow.svelte';
	import Step from '../Step.svelte';

	const { bench }: { bench: Bench } = $props();
	const technique = $derived(bench.plan.technique);
	const mat = $derived(bench.estimate.model.mat);
	const strandMm = $derived(bench.estimate.model.yield.bulkDiameterMm);
	const suits = $derived(suitableHookMm(strandMm));
	const line = $derived(
		`${stitchName(technique.stitch, bench.terms)}, ${trimmed(technique.hookMm, 1)} mm hook`
	);
	const isListed = $derived(hooks.some((hook) => String(hook.mm) === bench.fields.hook));
	const problem = $derived(bench.problemAt('hook'));
</script>

<Step {bench} number={4} title="Technique" {line} fields={['stitch', 'hook', 'direction']}>
	<ChoiceRow
		legend="Stitch, in {bench.terms === 'us' ? 'US' : 'UK'} words"
		name="stitch"
		bind:value={bench.fields.stitch}
		choices={(['sc', 'hdc', 'dc'] as const).map((stitch) => ({
			value: stitch as string,
			label: stitchName(stitch, bench.terms)
		}))}
	/>
	<div>
		<label class="mb-1 block text-[15px]" for="hook">Hook</label>
		<select
			class="field"
			id="hook"
			name="hook"
			bind:value={bench.fields.hook}
			aria-invalid={problem ? 'true' : undefined}
			aria-describedby={problem ? 'hook-problem hook-hint' : 'hook-hint'}
		>
			{#if !isListed}<option value={bench.fields.hook}>{bench.fields.hook} mm</option>{/if}
			{#each hooks as hook (hook.mm)}
				<option value={String(hook.mm)}>{hookName(hook.mm)}</option>
			{/each}
		</select>
		{#if problem}<p class="mt-1 text-[15px] font-semibold text-error" id="hook-problem">
				{problem}
			</p>{/if}
		<p class="quiet mt-1 text-sm" id="hook-hint">
			The strand is {figure(strandMm)} mm thick in the hand; {trimmed(suits.near, 1)} to {trimmed(
				suits.far,
				1
			)} mm suits it.
		</p>
	</div>
	<ChoiceRow
		legend="Rows run"
		name="direction"
		bind:value={bench.fields.direction}
		choices={[
			{ value: 'across', label: 'Across', note: 'short rows' },
			{ value: 'lengthwise', label: 'Lengthwise', note: 'fewer turns' }
		]}
	/>
	<p class="quiet text-[15px]">
		{wholeNumber(mat.stitches)} stitches a row, {wholeNumber(mat.rows)} rows. Repeated work tires hands:
		take breaks, change seats, and stop when something hurts.
	</p>
</Step>
