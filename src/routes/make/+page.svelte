<script lang="ts">
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import BeginForm from '$lib/stages/making/BeginForm.svelte';
	import MatList from '$lib/stages/making/MatList.svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
</script>

<PageTitle />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_18rem]"
>
	<section class="grid grid-cols-[minmax(0,1fr)] gap-3" aria-labelledby="mats">
		<h2 id="mats">
			{data.mats.length === 0
				? 'No mat is in hand'
				: data.mats.length === 1
					? 'One mat in hand'
					: `${data.mats.length} mats in hand`}
			{#if data.mats.length > 0}<span class="quiet text-base font-normal">what needs you first</span
				>{/if}
		</h2>
		{#if data.mats.length > 0}<MatList mats={data.mats} />
		{:else}<p class="sheet p-4">
				Begin one by a plan: it has a label, somebody who makes it, and its rows are counted.
			</p>{/if}
	</section>
	{#if data.plans.length > 0}
		<div id="begin">
			<BeginForm plans={data.plans} people={data.people} sent={form?.entry} />
		</div>
	{:else}
		<p class="sheet p-4">
			<a class="link" href="/plan">Plan a mat</a> first: a mat is begun by a plan.
		</p>
	{/if}
</div>
