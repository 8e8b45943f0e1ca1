<script lang="ts">
	import BarePage from '$lib/ui/BarePage.svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
</script>

<BarePage rows={data.rows} />
