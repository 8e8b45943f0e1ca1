<script lang="ts">
	import { MorePage as say } from '$lib/words/house';
	import MoreLinks from '$lib/ui/MoreLinks.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import UnitsForm from '$lib/ui/UnitsForm.svelte';
	import { actTo } from '$lib/ui/offered';
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
			<p class="figure text-lg font-semibold [overflow-wrap:anywhere]">{data.group.name}</p>
			{#if data.account}
				<p class="[overflow-wrap:anywhere]">
					{say.signedInAs()}
					<a class="link-row" href="/account">{data.account.name}</a>
				</p>
				<form method="POST" {...actTo('/account?/out')}>
					<button class="btn">{say.signOut()}</button>
				</form>
			{:else}
				<p class="quiet">{say.noSignInHere()}</p>
			{/if}
			<UnitsForm group={data.group} />
		</section>
	</div>
</StagePage>
