<script lang="ts">
	import { MorePage as say } from '$lib/words/house';
	import MoreLinks from '$lib/ui/MoreLinks.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import UnitsForm from '$lib/ui/UnitsForm.svelte';
	import WhoReads from '$lib/ui/WhoReads.svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
</script>

<StagePage>
	<PageTitle />
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<MoreLinks withStages />
		<section
			class="sheet flex flex-wrap items-center gap-x-8 gap-y-2 px-4 py-3"
			aria-label={say.whoReads()}
		>
			<WhoReads groupName={data.group.name} account={data.account} />
			<UnitsForm group={data.group} />
		</section>
	</div>
</StagePage>
