<script lang="ts">
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import Step from '../parts/Step.svelte';
	import TextField from '../parts/TextField.svelte';

	const { bench }: { bench: Bench } = $props();
	const hint = $derived(bench.system === 'ft' ? 'Usual: 30–43 in' : 'Usual: 75–110 cm');
	const lengthHint = $derived(
		bench.system === 'ft' ? 'Usual: 5 ft 11–6 ft 7' : 'Usual: 180–200 cm'
	);
</script>

<Step {bench} step="size" title="Size">
	<div class="grid grid-cols-2 gap-3">
		<TextField {bench} field="mat_width" label="Width" {hint} />
		<TextField {bench} field="mat_length" label="Length" hint={lengthHint} />
	</div>
	<TextField {bench} field="sleeper_height" label="Sleeper drawn on it, height" />
</Step>
