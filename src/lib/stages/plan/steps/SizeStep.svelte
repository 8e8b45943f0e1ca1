<script lang="ts">
	import { SizeStep as say } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import TextField from '../parts/TextField.svelte';

	const { bench }: { bench: Bench } = $props();
	const hint = $derived(bench.system === 'ft' ? say.usual3043In() : say.usual75110Cm());
	const lengthHint = $derived(bench.system === 'ft' ? say.usual5Ft116() : say.usual180200Cm());
</script>

<div class="grid grid-cols-2 gap-3">
	<TextField {bench} field="mat_width" label={say.width()} {hint} />
	<TextField {bench} field="mat_length" label={say.length()} hint={lengthHint} />
</div>
<TextField {bench} field="sleeper_height" label={say.heightOfTheSleeperIn()} />
