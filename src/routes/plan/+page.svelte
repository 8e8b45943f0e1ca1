<script lang="ts">
	import PlanBench from '$lib/components/PlanBench.svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
</script>

<svelte:head><title>Plan a mat · Nest Row</title></svelte:head>

<PlanBench
	heading="Plan a mat"
	group={data.group}
	initial={form ?? data}
	practice={data.practice}
	kinds={data.kinds}
	isAnswer={form !== null}
	key={form?.key ?? data.key}
	nameProblem={form?.problems.name}
	message={form?.isGone
		? 'That plan was deleted meanwhile. Keep it once more to have it back.'
		: (form?.message ?? data.linkProblem ?? undefined)}
	step={data.step}
>
	{#snippet links()}<a class="btn btn-ghost px-3 font-normal" href="/plans">Kept plans</a>{/snippet}
</PlanBench>
