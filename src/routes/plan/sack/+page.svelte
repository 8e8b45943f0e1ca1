<script lang="ts">
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import FromSack from '$lib/stages/plan/sack/FromSack.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
</script>

<StagePage>
	<PageTitle />
	<FromSack
		kinds={data.kinds}
		practice={data.practice}
		tools={data.tools}
		system={data.group.lengthSystem}
		first={data.counts}
	/>
</StagePage>
