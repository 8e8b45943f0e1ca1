<script lang="ts">
	import { MeasuresPage as msg } from '$lib/words/measures';
	import EmptyState from '$lib/ui/EmptyState.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import KnowledgeChart from '$lib/measures/KnowledgeChart.svelte';
	import MeasureForm from '$lib/measures/MeasureForm.svelte';
	import MeasureList from '$lib/measures/MeasureList.svelte';
	import PlansNow from '$lib/measures/PlansNow.svelte';
	import WhatChanged from '$lib/measures/WhatChanged.svelte';
	import TimedWorkForm from '$lib/measures/TimedWorkForm.svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const sent = $derived(form?.entry);
	let chosen = $state<string>();
	const shown = $derived(data.plans.find(({ id }) => id === chosen) ?? data.plans[0]);
</script>

<StagePage>
	<PageTitle />
	<p class="quiet mb-3">
		{msg.yourOwnSwatchesAndTimed()}
		<a class="inline-flex min-h-11 link items-center" href="/photo/sheet.pdf" data-sveltekit-reload
			>{msg.aMeasuringSheet()}</a
		>
	</p>
	<div
		class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]"
	>
		{#if data.plans.length === 0}
			<EmptyState words={msg.saveAPlanFirst()} href="/plan" act={msg.planAMat()} />
		{:else}<MeasureForm
				plans={data.plans}
				makers={data.makers}
				today={data.group.today}
				bind:chosen
				{sent}
			/>{/if}
		<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
			{#if shown}<WhatChanged plan={shown} />{/if}
			<section class="sheet p-4" aria-labelledby="known">
				<div class="mb-2 flex flex-wrap items-center gap-3">
					<h2 class="flex-1" id="known">{msg.knownSoFar()}</h2>
					{#if data.makers.length > 0}
						<form
							class="flex min-w-0 flex-wrap items-center gap-2 text-[0.9375rem]"
							data-sveltekit-keepfocus
							data-sveltekit-noscroll
						>
							<label class="flex min-w-0 flex-wrap items-center gap-2">
								{msg.byWhoseMeasures()}
								<select
									class="field w-auto max-w-full"
									name="maker"
									value={data.maker ?? ''}
									onchange={(event) => event.currentTarget.form?.requestSubmit()}
								>
									<option value="">{msg.everyones()}</option>
									{#each data.makers as maker (maker)}<option value={maker}
											>{msg.sOwn({ maker })}</option
										>{/each}
								</select>
							</label>
							<noscript><button class="btn">{msg.show()}</button></noscript>
						</form>
					{/if}
				</div>
				{#if data.maker !== null}
					<p class="quiet mb-2 text-[0.9375rem]">
						{msg.whatSOwnMeasuresSay({ maker: data.maker })}
					</p>
				{/if}
				<KnowledgeChart practice={data.practice} kinds={data.kinds} />
			</section>
			{#if data.plans.length > 0}<PlansNow plans={data.plans} maker={data.maker} />{/if}
		</div>
	</div>
	<div
		class="mt-4 grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]"
	>
		<TimedWorkForm
			makers={data.makers}
			today={data.group.today}
			terms={data.group.stitchTerms}
			{sent}
		/>
		<MeasureList measurements={data.measurements} timed={data.timed} />
	</div>
</StagePage>
