<script lang="ts">
	import { MakePage as say } from '$lib/words/making';
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
				? say.noMatsBeingMade()
				: data.mats.length === 1
					? say.oneMatBeingMade()
					: say.matsBeingMade({ length: data.mats.length })}
			{#if data.mats.length > 0}<span class="quiet text-base font-normal"
					>{say.whatNeedsYouFirst()}</span
				>{/if}
		</h2>
		{#if data.mats.length > 0}<MatList mats={data.mats} />
		{:else}<p class="sheet p-4">
				{say.startOneFromAPlan()}
			</p>{/if}
	</section>
	{#if data.plans.length > 0}
		<div id="begin">
			<BeginForm plans={data.plans} people={data.people} sent={form?.entry} />
		</div>
	{:else}
		<p class="sheet p-4">
			<a class="link" href="/plan">{say.planAMat()}</a>
			{say.firstAMatStartsFrom()}
		</p>
	{/if}
</div>
