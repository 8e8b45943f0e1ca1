<script lang="ts">
	import { MakePage as say } from '$lib/words/making';
	import EmptyState from '$lib/ui/EmptyState.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import BeginForm from '$lib/stages/making/BeginForm.svelte';
	import MatList from '$lib/stages/making/MatList.svelte';
	import { actTo } from '$lib/ui/offered';
	import Plus from '@lucide/svelte/icons/plus';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const title = $derived(
		data.mats.length === 0
			? say.noMatsBeingMade()
			: data.mats.length === 1
				? say.oneMatBeingMade()
				: say.matsBeingMade({ length: data.mats.length })
	);
	const beginTo = { href: '#begin', hidden: actTo('?/keep', 'begin').hidden };
</script>

<PageTitle of={title}>
	{#if data.plans.length > 0 && data.mats.length > 0}
		<a class="btn" {...beginTo}
			><Plus class="size-5" aria-hidden="true" /><span class="@max-[48rem]/page:sr-only"
				>{say.startAMat()}</span
			></a
		>
	{/if}
</PageTitle>

<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
	{#if data.mats.length > 0}<MatList mats={data.mats} />
	{:else if data.plans.length > 0}<p class="sheet p-4">{say.startOneFromAPlan()}</p>{/if}
	{#if data.plans.length > 0}
		<div class="max-w-xl" id="begin">
			<BeginForm plans={data.plans} people={data.people} sent={form?.entry} />
		</div>
	{:else}
		<EmptyState words={say.firstAMatStartsFrom()} href="/plan" act={say.planAMat()} />
	{/if}
</div>
