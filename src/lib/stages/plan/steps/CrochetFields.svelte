<script lang="ts">
	import { CrochetFields as say } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { hooks, suitableHookMm } from '$lib/core/techniques/crochet/hooks';
	import { trimmed } from '$lib/core/units/format-length';
	import { fineWords } from '$lib/ui/unit-words';
	import { hookName, stitchName } from '$lib/ui/stitch-words';
	import ChoiceRow from '../parts/ChoiceRow.svelte';
	import HookIntents from '../parts/HookIntents.svelte';

	const { bench }: { bench: Bench } = $props();
	const strandMm = $derived(bench.drawn.estimate.model.yield.bulkDiameterMm);
	const suits = $derived(suitableHookMm(strandMm));
	const isListed = $derived(hooks.some((hook) => String(hook.mm) === bench.fields.hook));
	const problem = $derived(bench.problemAt('hook'));
</script>

<ChoiceRow
	{bench}
	field="stitch"
	legend={say.stitchInIstermsSelectYes({ isTerms: bench.terms === 'us' ? 'yes' : 'no' })}
	choices={(['sc', 'hdc', 'dc'] as const).map((stitch) => ({
		value: stitch,
		label: stitchName(stitch, bench.terms)
	}))}
/>
<div>
	<label class="mb-1 block text-[0.9375rem]" for="hook">{say.hook()}</label>
	<select
		class="field"
		id="hook"
		name="hook"
		value={bench.fields.hook}
		onchange={(event) => bench.choose({ hook: event.currentTarget.value })}
		aria-invalid={problem ? 'true' : undefined}
		aria-describedby={problem ? 'hook-problem hook-hint' : 'hook-hint'}
	>
		{#if !isListed}<option value={bench.fields.hook}>{say.mm({ hook: bench.fields.hook })}</option
			>{/if}
		{#each hooks as hook (hook.mm)}
			<option value={String(hook.mm)}>{hookName(hook.mm)}</option>
		{/each}
	</select>
	{#if problem}<p class="mt-1 text-[0.9375rem] font-semibold text-error" id="hook-problem">
			{problem}
		</p>{/if}
	<p class="quiet mt-1 text-sm" id="hook-hint">
		{say.theStrandIsThickIn({
			fine: fineWords(strandMm, bench.system),
			near: trimmed(suits.near, 1),
			far: trimmed(suits.far, 1)
		})}
	</p>
</div>
<HookIntents {bench} />
<ChoiceRow
	{bench}
	field="direction"
	legend={say.rowsRun()}
	choices={[
		{ value: 'across', label: say.across(), note: say.shortRows() },
		{ value: 'lengthwise', label: say.lengthwise(), note: say.fewerTurns() }
	]}
/>
