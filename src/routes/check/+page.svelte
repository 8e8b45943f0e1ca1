<script lang="ts">
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import CheckList from '$lib/stages/check/CheckList.svelte';
	import FaultTallyLine from '$lib/stages/check/FaultTallyLine.svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const percent = (share: number) => Math.round(share * 100);
</script>

<PageTitle />

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_18rem]"
>
	<section class="grid grid-cols-[minmax(0,1fr)] gap-3" aria-labelledby="made">
		<h2 id="made">
			{data.mats.length === 0
				? 'No mat waits to be checked'
				: data.mats.length === 1
					? 'One mat to check or mend'
					: `${data.mats.length} mats to check or mend`}
		</h2>
		{#if data.mats.some(({ state }) => state !== 'to-mend')}<p>
				<a
					class="inline-flex min-h-11 link items-center"
					href="/check/sheet.pdf"
					data-sveltekit-reload>A sheet to check them by, on paper</a
				>
			</p>{/if}
		{#if data.mats.length > 0}<CheckList mats={data.mats} />
		{:else}<p class="sheet p-4">
				A mat comes here once it is finished, under <a class="link" href="/make">Make</a>.
			</p>{/if}
	</section>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<p class="sheet p-4">
			<a class="inline-flex min-h-11 link items-center" href="/know-how/faults"
				>What is wrong with this mat?</a
			>
			<span class="quiet block text-[0.9375rem]">From what one sees to what is done about it.</span>
		</p>
		<section class="sheet p-4" aria-labelledby="accepted" data-acceptance>
			<h2 id="accepted" class="text-lg">Good at once</h2>
			<p>
				{#if data.acceptance.checked === 0}No mat was checked yet.{:else}{percent(
						data.acceptance.expected
					)} of 100 mats ({percent(data.acceptance.low)} to {percent(data.acceptance.high)}){data
						.acceptance.isThin
						? ': few were checked so far, so this says little'
						: ''}.{/if}
			</p>
		</section>
		{#if data.faults.length > 0}
			<section class="sheet p-4" aria-labelledby="steps">
				<h2 id="steps" class="text-lg">What to show again</h2>
				<ul class="grid gap-2">
					{#each data.faults as fault (fault.kind)}<FaultTallyLine {fault} />{/each}
				</ul>
				<p class="quiet mt-2 text-[0.9375rem]">
					By first checks of late. Nobody is named: a step is shown again, to all.
				</p>
			</section>
		{/if}
	</div>
</div>
