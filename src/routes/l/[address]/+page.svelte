<script lang="ts">
	import { LAddressPage as say } from '$lib/words/house';
	import ReadPlan from '$lib/stages/plan/views/ReadPlan.svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
</script>

<svelte:head>
	<title>{say.nestRow({ name: data.name })}</title>
	<meta name="robots" content="noindex" />
</svelte:head>

<ReadPlan
	name={data.name}
	keptAt={data.keptAt}
	plan={data.plan}
	practice={data.practice}
	reader={data.group}
/>
