<script lang="ts">
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { layPlanBalls } from '$lib/core/model/balls-of-plan';
	import { stripesOf } from '$lib/core/colour/stripes';
	import { usualSleeperHeightMm } from '$lib/core/model/types';
	import MatDrawing from '../drawing/MatDrawing.svelte';
	import BallRow from './BallRow.svelte';
	import DetailSheet from './DetailSheet.svelte';

	const { bench }: { bench: Bench } = $props();
	const model = $derived(bench.drawn.estimate.model);
	const stripes = $derived(stripesOf(layPlanBalls(bench.drawn.plan, model).runs));
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-3">
	<MatDrawing
		mat={model.mat}
		{stripes}
		sleeperHeightMm={bench.drawn.plan.sleeperHeightMm ?? usualSleeperHeightMm}
		readable={(mm) => bench.readable(mm, 'mat')}
	/>
	<BallRow {bench} balls={model.balls} />
	<DetailSheet {bench} />
</div>
