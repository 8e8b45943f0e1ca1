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
	key={form?.key ?? data.key}
	nameProblem={form?.problems.name}
	message={form?.isGone
		? 'That plan was deleted meanwhile. Keep it once more to have it back.'
		: form?.message}
>
	{#snippet links()}<a class="link-row" href="/plans">Kept plans</a>{/snippet}
</PlanBench>
