<script lang="ts">
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { Pins } from '$lib/stages/plan/bench/pins.svelte';
	import MethodFieldView from './MethodFieldView.svelte';
	import PinnedTable from './PinnedTable.svelte';
	import WidthChart from './WidthChart.svelte';

	const { bench, pins, name }: { bench: Bench; pins: Pins; name: string } = $props();
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-8">
	<MethodFieldView {bench} />
	<PinnedTable {bench} {pins} {name} />
	<WidthChart {bench} />
</div>
